package app.impendium.server.evaluation;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;

/**
 * Money that moves between a lender and a client, timed from the first advance.
 *
 * @param unitPeriodsPerYear unit-periods in a year, from 1 to 365: 12 for monthly payments
 * @param advances what the client receives, prepaid finance charges already taken off; at most 2,600
 * @param payments what the client pays; at most 2,600
 */
public record StreamDocument(Integer unitPeriodsPerYear, List<FlowDocument> advances, List<FlowDocument> payments) {

    /**
     * One amount.
     *
     * @param cents in whole cents, from 1
     * @param wholePeriods full unit-periods since the first advance, from 0 to 2,600
     * @param fraction the rest of a period, from 0 to below 1; absent for none
     */
    public record FlowDocument(
            Long cents,
            Integer wholePeriods,
            @Schema(nullable = true) BigDecimal fraction) {}
}
