package app.impendium.server.evaluation;

import app.impendium.core.compare.Rung;
import app.impendium.server.problem.FindingView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;

/**
 * One rate of a ladder, in whole cents. Amounts are absent where the loan has no figures at the rate.
 *
 * @param perPaymentCents the difference of one regular payment: to the loan's own, at a renewal to the one before it
 * @param perYearCents that of a year's regular payments
 * @param wholeLoanCents what is paid in all, less what is paid at the loan's own rate
 * @param because why there are no figures; empty where there are
 */
public record RungView(
        BigDecimal ratePercent,
        @Schema(nullable = true) Long paymentCents,
        @Schema(nullable = true) Long perPaymentCents,
        @Schema(nullable = true) Long perYearCents,
        @Schema(nullable = true) Long wholeLoanCents,
        List<FindingView> because) {

    static RungView of(Rung rung) {
        BigDecimal percent = rung.rate().percent().value();
        if (rung instanceof Rung.Priced priced) {
            return new RungView(
                    percent,
                    priced.payment().cents(),
                    priced.perPayment().cents(),
                    priced.perYear().cents(),
                    priced.wholeLoan().cents(),
                    List.of());
        }
        List<FindingView> because =
                ((Rung.Unpriced) rung).because().stream().map(FindingView::of).toList();
        return new RungView(percent, null, null, null, null, because);
    }
}
