package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import java.math.BigDecimal;

/** A year's tax on the home: an amount, or a share of the price that follows it. */
public sealed interface PropertyTax {

    /** The tax for one month on a home of this price: a twelfth of a year's, rounded once. */
    Money monthly(Money price);

    /** A fixed amount a year. */
    record Amount(Money yearly) implements PropertyTax {
        private static final int MONTHS_PER_YEAR = 12;

        /**
         * @throws CaseException if it is negative or above the largest amount
         */
        public Amount {
            yearly.within(Money.ZERO, Money.LARGEST, Field.PROPERTY_TAX);
        }

        @Override
        public Money monthly(Money price) {
            return yearly.dividedBy(MONTHS_PER_YEAR);
        }
    }

    /** A share of the price a year, at most 20 %. */
    record ShareOfPrice(Percent yearly) implements PropertyTax {
        private static final int MOST_PERCENT = 20;

        /**
         * @throws CaseException if it is above 20 %
         */
        public ShareOfPrice {
            yearly.atMost(MOST_PERCENT, Field.PROPERTY_TAX);
        }

        /**
         * The share of so many percent.
         *
         * @throws CaseException if it is negative, above 20 % or has more than six decimals
         */
        public static ShareOfPrice of(BigDecimal percent) {
            return new ShareOfPrice(Percent.upTo(MOST_PERCENT, percent, Field.PROPERTY_TAX));
        }

        @Override
        public Money monthly(Money price) {
            return yearly.monthlyOf(price);
        }
    }
}
