package app.impendium.server.evaluation;

import app.impendium.core.rental.OwnerFigures;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;

/**
 * What letting the home leaves its owner, in whole cents.
 *
 * @param costsCents tax, insurance, dues and other costs of a month
 * @param loanCents what is paid on the loan in a month
 * @param cashFlowCents what a month leaves; negative where the owner adds to it
 * @param grossYieldPercent a year's rent in percent of the price
 * @param netYieldPercent a year's rent less all costs but the loan's, in percent of the price
 * @param firstYearReturnPercent what the first year leaves in percent of the cash to close
 * @param years each year of the loan's life
 */
public record OwnerView(
        long rentCents,
        long vacancyCents,
        long upkeepCents,
        long managementCents,
        long costsCents,
        long loanCents,
        long cashFlowCents,
        @Schema(nullable = true) BigDecimal grossYieldPercent,
        @Schema(nullable = true) BigDecimal netYieldPercent,
        @Schema(nullable = true) BigDecimal firstYearReturnPercent,
        List<OwnerYearView> years) {
    private static final int DECIMALS = 2;

    /**
     * A year, counted from 1.
     *
     * @param operatingCents what is left before the loan is paid
     */
    public record OwnerYearView(int number, long rentCents, long operatingCents, long loanCents, long cashFlowCents) {}

    static OwnerView of(OwnerFigures figures) {
        OwnerFigures.Month month = figures.month();
        return new OwnerView(
                month.rent().cents(),
                month.vacancy().cents(),
                month.upkeep().cents(),
                month.management().cents(),
                month.costs().cents(),
                month.loan().cents(),
                month.cashFlow().cents(),
                written(figures.grossYieldPercent()),
                written(figures.netYieldPercent()),
                written(figures.firstYearReturnPercent()),
                figures.years().stream()
                        .map(year -> new OwnerYearView(
                                year.number(),
                                year.rent().cents(),
                                year.operating().cents(),
                                year.loan().cents(),
                                year.cashFlow().cents()))
                        .toList());
    }

    private static BigDecimal written(Optional<BigDecimal> percent) {
        return percent.map(exact -> exact.setScale(DECIMALS, RoundingMode.HALF_UP))
                .orElse(null);
    }
}
