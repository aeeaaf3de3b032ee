package app.impendium.core.cost;

import app.impendium.core.finding.Field;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import java.math.BigDecimal;

/**
 * A premium or guarantee fee that is due once, in percent of the base loan. Immutable.
 *
 * @param percent of the base loan, at most 10 %; 0 % for none
 * @param financed whether it is added to the loan rather than paid at closing
 */
public record UpfrontPremium(Percent percent, boolean financed) {
    /** No premium. */
    public static final UpfrontPremium NONE = new UpfrontPremium(Percent.ZERO, false);

    private static final int MOST_PERCENT = 10;

    /**
     * @throws app.impendium.core.finding.CaseException if it is above 10 %
     */
    public UpfrontPremium {
        percent.atMost(MOST_PERCENT, Field.UPFRONT_PREMIUM);
    }

    /**
     * The premium of so many percent.
     *
     * @throws app.impendium.core.finding.CaseException if it is negative, above 10 % or has more than six decimals
     */
    public static UpfrontPremium of(BigDecimal percent, boolean financed) {
        return new UpfrontPremium(Percent.upTo(MOST_PERCENT, percent, Field.UPFRONT_PREMIUM), financed);
    }

    /** The premium on a base loan, to the nearest cent. */
    public Money on(Money baseLoan) {
        return percent.of(baseLoan);
    }

    /** The part of it that is added to the loan. */
    public Money addedToLoan(Money baseLoan) {
        return financed ? on(baseLoan) : Money.ZERO;
    }

    /** The part of it that is paid at closing. */
    public Money paidAtClosing(Money baseLoan) {
        return financed ? Money.ZERO : on(baseLoan);
    }
}
