package app.impendium.server.evaluation;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import app.impendium.server.document.HomeDocument;
import app.impendium.server.document.Market;

/** Reads what is said of a home by itself. */
public final class HomeReader {
    private HomeReader() {}

    /**
     * A home that can be asked about outside.
     *
     * @param valueCents null where it is not known
     * @throws CaseException if market or area are missing, or anything said of the home has no meaning
     */
    public static HomeDocument withArea(Market market, HomeDocument home, Long valueCents) {
        Findings findings = new Findings();
        Needed.isThere("market", market, findings);
        if (Needed.isThere("home", home, findings)) {
            Needed.isThere("home.area", home.area(), findings);
            EstimateReader.check(home, findings);
        }
        if (valueCents != null) {
            findings.field(
                    "valueCents",
                    () -> Money.ofCents(valueCents).within(Money.ofCents(1), Money.LARGEST, Entry.AMOUNT));
        }
        findings.throwIfAny();
        return home;
    }
}
