package app.impendium.server.evaluation;

import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import app.impendium.server.document.EstimateDocument;
import app.impendium.server.document.HousingDocument;

/** Checks what a case says of figures that were estimated. */
final class EstimateReader {
    private static final int MOST_SOURCE_CHARACTERS = 60;
    private static final int MOST_ABOUT_CHARACTERS = 120;

    private EstimateReader() {}

    /** Checks where an option's costs come from. */
    static void check(HousingDocument given, Findings findings) {
        check("housing.propertyTaxEstimate", given.propertyTaxEstimate(), findings);
        check("housing.homeInsuranceEstimate", given.homeInsuranceEstimate(), findings);
    }

    /** Checks where a figure comes from, if it was estimated. */
    static void check(String path, EstimateDocument given, Findings findings) {
        if (given == null) {
            return;
        }
        Needed.text(path + ".source", given.source(), 1, MOST_SOURCE_CHARACTERS, findings);
        Needed.isThere(path + ".day", given.day(), findings);
        Needed.isThere(path + ".simulated", given.simulated(), findings);
        amount(path + ".lowCents", given.lowCents(), findings);
        amount(path + ".highCents", given.highCents(), findings);
        if (given.about() != null) {
            Needed.text(path + ".about", given.about(), 1, MOST_ABOUT_CHARACTERS, findings);
        }
    }

    private static void amount(String path, Long cents, Findings findings) {
        Needed.value(path, cents, findings)
                .ifPresent(given -> findings.field(
                        path, () -> Money.ofCents(given).within(Money.ZERO, Money.LARGEST, Entry.AMOUNT)));
    }
}
