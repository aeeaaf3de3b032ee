package app.impendium.server.estimate;

import app.impendium.server.document.EstimateDocument;
import app.impendium.server.outside.Estimate;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;

/**
 * An estimate that is offered.
 *
 * @param cents the likely figure, in whole cents
 * @param deductibleCents what the owner bears of a damage; absent for all but insurance
 * @param origin where it comes from, as a case keeps it
 */
public record EstimateView(
        long cents, @Schema(nullable = true) Long deductibleCents, EstimateDocument origin) {

    static EstimateView of(Estimate estimate, Long deductibleCents, LocalDate day) {
        return new EstimateView(
                estimate.cents(),
                deductibleCents,
                new EstimateDocument(
                        estimate.source().name(),
                        day,
                        estimate.source().isSimulated(),
                        estimate.lowCents(),
                        estimate.highCents(),
                        estimate.about()));
    }
}
