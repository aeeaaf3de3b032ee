package app.impendium.server.handout;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Value;
import app.impendium.server.document.LetterheadDocument;
import app.impendium.server.document.LetterheadDocument.DisclaimerDocument;
import app.impendium.server.document.Market;
import app.impendium.server.evaluation.Needed;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Refuses what is no letterhead. */
final class LetterheadCheck {
    private static final int MOST_NAME_CHARACTERS = 100;
    private static final int MOST_ADDRESS_CHARACTERS = 400;
    private static final int MOST_DISCLAIMER_CHARACTERS = 2000;

    private LetterheadCheck() {}

    /** @throws CaseException with every finding */
    static void check(LetterheadDocument given) {
        Findings findings = new Findings();
        Needed.text("name", given.name(), 1, MOST_NAME_CHARACTERS, findings);
        if (Needed.isThere("address", given.address(), findings)) {
            Needed.prose("address", given.address(), MOST_ADDRESS_CHARACTERS, findings);
        }
        if (given.logo() != null && !Logo.isOne(given.logo())) {
            findings.add(Finding.of("logo", Code.NO_LOGO));
        }
        disclaimers(given.disclaimers(), findings);
        findings.throwIfAny();
    }

    private static void disclaimers(List<DisclaimerDocument> given, Findings findings) {
        Set<Market> named = EnumSet.noneOf(Market.class);
        for (int i = 0; i < given.size(); i++) {
            String path = Field.entry("disclaimers", i);
            DisclaimerDocument disclaimer = given.get(i);
            if (!Needed.isThere(path, disclaimer, findings)) {
                continue;
            }
            if (Needed.isThere(path + ".market", disclaimer.market(), findings) && !named.add(disclaimer.market())) {
                findings.add(Finding.of(
                        path + ".market",
                        Code.NAMED_TWICE,
                        new Value.Text(disclaimer.market().name())));
            }
            if (Needed.isThere(path + ".text", disclaimer.text(), findings)) {
                Needed.prose(path + ".text", disclaimer.text(), MOST_DISCLAIMER_CHARACTERS, findings);
            }
        }
    }
}
