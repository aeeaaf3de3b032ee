package app.impendium.server.evaluation;

import app.impendium.core.afford.Position;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;

/**
 * Where a household stands, in whole cents.
 *
 * @param housingCents what living costs a month
 * @param debtsCents what counts of debts a month
 * @param housingPercent housing in percent of the income that counts, with two decimals; absent without income
 * @param committedPercent housing and debts in percent of it
 * @param owedCents what is owed in all, the home included
 */
public record PositionView(
        long housingCents,
        long debtsCents,
        @Schema(nullable = true) BigDecimal housingPercent,
        @Schema(nullable = true) BigDecimal committedPercent,
        long owedCents) {
    static PositionView of(Position position) {
        return new PositionView(
                position.housing().cents(),
                position.debts().cents(),
                position.housingPercent().orElse(null),
                position.committedPercent().orElse(null),
                position.owed().cents());
    }
}
