package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;

/** A year's tax on the home: an amount, or a share of the price that follows it. */
public sealed interface PropertyTax {

    /** The tax for one month on a home of this price: a twelfth of a year's, rounded once. */
    Money monthly(Money price);

    /** A fixed amount a year. */
    record Amount(Money aYear) implements PropertyTax {
        private static final int MONTHS_A_YEAR = 12;

        /**
         * @throws CaseException if it is negative or above the largest amount
         */
        public Amount {
            aYear.within(Money.ZERO, Money.LARGEST, "propertyTax");
        }

        @Override
        public Money monthly(Money price) {
            return aYear.dividedBy(MONTHS_A_YEAR);
        }
    }

    /** A share of the price a year, at most 20 %. */
    record ShareOfPrice(Percent aYear) implements PropertyTax {
        private static final int MOST_PERCENT = 20;

        /**
         * @throws CaseException if it is above 20 %
         */
        public ShareOfPrice {
            aYear.atMost(MOST_PERCENT, "propertyTax");
        }

        @Override
        public Money monthly(Money price) {
            return aYear.monthlyOf(price);
        }
    }
}
