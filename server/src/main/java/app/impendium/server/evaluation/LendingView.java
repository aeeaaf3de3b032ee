package app.impendium.server.evaluation;

import app.impendium.core.LoanOption;
import app.impendium.core.afford.Ratios;
import app.impendium.core.money.Money;
import app.impendium.core.rental.Lending;
import app.impendium.core.rental.Programme;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * The most that a programme lends.
 *
 * @param loanCents in whole units of the currency; absent where it lends nothing
 * @param downCents what the clients then pay of the price; absent where nothing is lent or no home is bought
 * @param loanToValuePercent the loan in percent of the value, to two decimals
 * @param ratePercent with what the band adds
 * @param addOnPercent what the band adds
 * @param binding what keeps it from being more
 * @param nothing why it lends nothing; absent where it lends
 */
public record LendingView(
        @Schema(nullable = true) Long loanCents,
        @Schema(nullable = true) Long downCents,
        @Schema(nullable = true) BigDecimal loanToValuePercent,
        @Schema(nullable = true) BigDecimal ratePercent,
        @Schema(nullable = true) BigDecimal addOnPercent,
        @Schema(nullable = true) Lending.Binding binding,
        @Schema(nullable = true) Lending.Reason nothing) {
    private static final int DECIMALS = 2;

    static LendingView of(Lending lending, Programme programme, LoanOption option) {
        if (lending instanceof Lending.Nothing nothing) {
            return new LendingView(null, null, null, null, null, null, nothing.reason());
        }
        Lending.Most most = (Lending.Most) lending;
        return new LendingView(
                most.loan().cents(),
                down(option, most.loan()),
                option.financing()
                        .value()
                        .map(value -> Ratios.percent(most.loan(), value).setScale(DECIMALS, RoundingMode.HALF_UP))
                        .orElse(null),
                most.rate().percent().value(),
                programme.bands().get(most.band()).addOn().value(),
                most.binding(),
                null);
    }

    private static Long down(LoanOption option, Money loan) {
        return option.financing()
                .match(purchase -> purchase.homePrice().minus(loan).cents(), loanOnly -> null, refinancing -> null);
    }
}
