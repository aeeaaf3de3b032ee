package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;

/** What the buyer pays of the price at closing: an amount, or a share of the price that follows it. */
public sealed interface DownPayment {

    /** The amount for a price, in cents. */
    Money of(Money price);

    /** A fixed amount. */
    record Amount(Money amount) implements DownPayment {
        /**
         * @throws CaseException if it is negative or above the largest amount
         */
        public Amount {
            amount.within(Money.ZERO, Money.LARGEST, Field.DOWN_PAYMENT);
        }

        @Override
        public Money of(Money price) {
            return amount;
        }
    }

    /** A share of the price, rounded to the nearest cent. */
    record Share(Percent percent) implements DownPayment {
        @Override
        public Money of(Money price) {
            return percent.of(price);
        }
    }
}
