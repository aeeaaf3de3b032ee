package app.impendium.core.afford;

import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/**
 * Where a household stands: what it pays of its income a month, and what it owes in all. Immutable.
 *
 * @param income what counts a month
 * @param housing what living costs a month
 * @param debts what counts of debts a month
 * @param owed what is owed in all, the home included
 */
public record Position(Money income, Money housing, Money debts, Money owed) {
    private static final int DECIMALS = 2;

    /** Housing in percent of income, with two decimals; none without income. */
    public Optional<BigDecimal> housingPercent() {
        return percent(housing);
    }

    /** Housing and debts in percent of income, with two decimals; none without income. */
    public Optional<BigDecimal> committedPercent() {
        return percent(housing.plus(debts));
    }

    private Optional<BigDecimal> percent(Money part) {
        return income.isZero()
                ? Optional.empty()
                : Optional.of(Ratios.percent(part, income).setScale(DECIMALS, RoundingMode.HALF_UP));
    }
}
