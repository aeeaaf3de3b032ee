package app.impendium.server.evaluation;

import app.impendium.core.finding.Code;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Value;
import app.impendium.core.pricing.AddOn;
import app.impendium.core.pricing.SignedPoints;
import app.impendium.core.rate.AnnualRate;
import app.impendium.server.document.PricedAtDocument;
import app.impendium.server.document.PricedOnDocument;
import java.math.BigDecimal;

/** Checks what a case says of the rate table that it was priced on. */
final class PricedOnReader {
    private static final int MOST_CHARACTERS = 60;
    private static final BigDecimal MOST_OF_VALUE = BigDecimal.valueOf(1_000_000);

    private PricedOnReader() {}

    static void check(PricedOnDocument given, Findings findings) {
        if (given == null) {
            return;
        }
        Needed.text("pricedOn.tableId", given.tableId(), 1, MOST_CHARACTERS, findings);
        Needed.text("pricedOn.name", given.name(), 1, MOST_CHARACTERS, findings);
        Needed.isThere("pricedOn.day", given.day(), findings);
        Needed.isThere("pricedOn.simulated", given.simulated(), findings);
        score("pricedOn.score", given.score(), findings);
    }

    static void check(PricedAtDocument given, Findings findings) {
        if (given == null) {
            return;
        }
        if (given.tableId() != null) {
            Needed.text("pricedAt.tableId", given.tableId(), 1, MOST_CHARACTERS, findings);
        }
        Needed.value("pricedAt.ratePercent", given.ratePercent(), findings)
                .ifPresent(rate -> findings.field("pricedAt.ratePercent", () -> AnnualRate.ofPercent(rate)));
        Needed.value("pricedAt.pointsPercent", given.pointsPercent(), findings)
                .ifPresent(points -> findings.field("pricedAt.pointsPercent", () -> new SignedPoints(points)));
        BigDecimal share = given.loanToValuePercent();
        if (share != null && (share.signum() < 0 || share.compareTo(MOST_OF_VALUE) > 0)) {
            findings.add(Finding.of(
                    "pricedAt.loanToValuePercent",
                    Code.OUT_OF_RANGE,
                    new Value.Percentage(share),
                    Value.Percentage.of(0),
                    new Value.Percentage(MOST_OF_VALUE)));
        }
        score("pricedAt.score", given.score(), findings);
    }

    private static void score(String path, Integer given, Findings findings) {
        if (given != null) {
            findings.inRange(path, given, 0, AddOn.HIGHEST_SCORE);
        }
    }
}
