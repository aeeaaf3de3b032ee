package app.impendium.server.evaluation;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;

/**
 * What a loan's unknown comes to; every member but one is absent.
 *
 * @param cents the payment, the loan amount, the balloon or the balance
 * @param ratePercent the highest rate, to the millionth of a percent
 * @param payments the fewest payments
 */
public record SolutionView(
        @Schema(nullable = true) Long cents,
        @Schema(nullable = true) BigDecimal ratePercent,
        @Schema(nullable = true) Integer payments) {}
