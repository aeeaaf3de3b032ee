package app.impendium.server.evaluation;

import app.impendium.core.finding.Findings;
import app.impendium.core.pricing.AddOn;
import app.impendium.server.document.PricedOnDocument;

/** Checks what a case says of the rate table that it was priced on. */
final class PricedOnReader {
    private static final int MOST_CHARACTERS = 60;

    private PricedOnReader() {}

    static void check(PricedOnDocument given, Findings findings) {
        if (given == null) {
            return;
        }
        Needed.text("pricedOn.tableId", given.tableId(), 1, MOST_CHARACTERS, findings);
        Needed.text("pricedOn.name", given.name(), 1, MOST_CHARACTERS, findings);
        Needed.isThere("pricedOn.day", given.day(), findings);
        Needed.isThere("pricedOn.simulated", given.simulated(), findings);
        if (given.score() != null) {
            findings.inRange("pricedOn.score", given.score(), 0, AddOn.HIGHEST_SCORE);
        }
    }
}
