package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.alternative.CreditWay;
import app.impendium.core.finding.CaseException;
import app.impendium.server.problem.FindingView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;

/**
 * What a seller's credit can be used for, in whole cents. What belongs to another way is absent.
 *
 * @param ratePercent the rate that the points buy
 * @param pointsPercent the points, in percent of the loan
 * @param reductionsPercent what a buydown takes off the rate in each year
 * @param priceCents the lower price
 * @param costCents what the points or the subsidy cost
 * @param unusedCents what cannot be used of the credit
 * @param figures the option's; absent where it has none
 * @param because why this way is not open; empty where it is
 */
public record CreditWayView(
        CreditWay.Kind way,
        @Schema(nullable = true) BigDecimal ratePercent,
        @Schema(nullable = true) BigDecimal pointsPercent,
        List<BigDecimal> reductionsPercent,
        @Schema(nullable = true) Long priceCents,
        @Schema(nullable = true) Long costCents,
        @Schema(nullable = true) Long unusedCents,
        @Schema(nullable = true) OptionView figures,
        List<FindingView> because) {

    static CreditWayView of(CreditWay way) {
        if (way instanceof CreditWay.Points points) {
            return new CreditWayView(
                    CreditWay.Kind.POINTS,
                    points.offer().rate().percent().value(),
                    points.offer().points().percent(),
                    List.of(),
                    null,
                    points.cost().cents(),
                    points.unused().cents(),
                    figures(points.option()),
                    List.of());
        }
        if (way instanceof CreditWay.Reduced reduced) {
            return new CreditWayView(
                    CreditWay.Kind.BUYDOWN,
                    null,
                    null,
                    reduced.reductions().stream()
                            .map(reduction -> reduction.value())
                            .toList(),
                    null,
                    reduced.cost().cents(),
                    reduced.unused().cents(),
                    figures(reduced.option()),
                    List.of());
        }
        if (way instanceof CreditWay.LowerPrice lower) {
            return new CreditWayView(
                    CreditWay.Kind.PRICE,
                    null,
                    null,
                    List.of(),
                    lower.price().cents(),
                    null,
                    null,
                    figures(lower.option()),
                    List.of());
        }
        CreditWay.None none = (CreditWay.None) way;
        return new CreditWayView(
                none.way(),
                null,
                null,
                List.of(),
                null,
                null,
                null,
                null,
                none.because().stream().map(FindingView::of).toList());
    }

    private static OptionView figures(LoanOption option) {
        try {
            return OptionView.of(CaseEvaluator.evaluate(option));
        } catch (CaseException none) {
            return null;
        }
    }
}
