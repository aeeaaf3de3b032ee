package app.impendium.server.evaluation;

import app.impendium.core.afford.StressedRate;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.server.document.LimitSetDocument.StressedRateDocument;
import java.util.Optional;

/** Reads the rate at which a lender tests a loan. */
final class StressedRateReader {
    private StressedRateReader() {}

    /** The rate of a rule's member {@code stressed}; the loan's own where none is given, nothing where it is refused. */
    static Optional<StressedRate> read(StressedRateDocument given, Findings findings) {
        return given == null ? Optional.of(StressedRate.NONE) : findings.group("stressed", () -> stressed(given));
    }

    private static StressedRate stressed(StressedRateDocument given) {
        Findings findings = new Findings();
        Optional<Percent> added = Needed.value("addedPercent", given.addedPercent(), findings)
                .flatMap(percent -> findings.field("addedPercent", () -> new Percent(percent)));
        Optional<AnnualRate> floor = Needed.value("floorPercent", given.floorPercent(), findings)
                .flatMap(percent -> findings.field("floorPercent", () -> AnnualRate.ofPercent(percent)));
        findings.throwIfAny();
        return new StressedRate(added.orElseThrow(), floor.orElseThrow());
    }
}
