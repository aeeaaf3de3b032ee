package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import java.math.BigDecimal;

/** How much an item at closing comes to: an amount, or a share of the loan that follows it. */
public sealed interface ClosingAmount {

    /** The amount for a loan, in cents. */
    Money of(Money loan);

    /**
     * A fixed amount.
     *
     * @param amount from 0.00 to {@link Money#LARGEST}
     */
    record Fixed(Money amount) implements ClosingAmount {
        /**
         * @throws CaseException if it is outside its range
         */
        public Fixed {
            amount.within(Money.ZERO, Money.LARGEST, Entry.AMOUNT);
        }

        @Override
        public Money of(Money loan) {
            return amount;
        }
    }

    /**
     * A share of the loan, to the nearest cent.
     *
     * @param percent of the loan, at most 10 %
     */
    record ShareOfLoan(Percent percent) implements ClosingAmount {
        private static final int MOST_PERCENT = 10;

        /**
         * @throws CaseException if it is above 10 %
         */
        public ShareOfLoan {
            percent.atMost(MOST_PERCENT, Entry.PERCENT);
        }

        /**
         * The share of so many percent.
         *
         * @throws CaseException if it is negative, above 10 % or has more than six decimals
         */
        public static ShareOfLoan of(BigDecimal percent) {
            return new ShareOfLoan(Percent.upTo(MOST_PERCENT, percent, Entry.PERCENT));
        }

        @Override
        public Money of(Money loan) {
            return percent.of(loan);
        }
    }
}
