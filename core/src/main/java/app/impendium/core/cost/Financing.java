package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Optional;

/** Where the loan amount comes from: a purchase with money down, or an amount alone. */
public sealed interface Financing {

    Money loanAmount();

    /** The price of the home, where it is known. */
    Optional<Money> price();

    /**
     * A home bought with money down.
     *
     * @param homePrice from 0.01 to {@link Money#LARGEST}
     * @param moneyDown below the price, so that something is borrowed
     */
    record Purchase(Money homePrice, MoneyDown moneyDown) implements Financing {
        /**
         * @throws CaseException if the price is outside its range or the money down leaves nothing to borrow
         */
        public Purchase {
            homePrice.within(Money.ofCents(1), Money.LARGEST, "price");
            Money down = moneyDown.of(homePrice);
            if (down.compareTo(homePrice) >= 0) {
                throw CaseException.of(
                        "moneyDown",
                        down.toString(),
                        "less than the price of " + homePrice,
                        "Money down of " + down + " leaves nothing to borrow on a price of " + homePrice + ".");
            }
        }

        public Money amountDown() {
            return moneyDown.of(homePrice);
        }

        /** The money down as a share of the price, to sixteen digits. */
        public BigDecimal percentDown() {
            return share(amountDown(), homePrice);
        }

        /** Loan-to-value in percent, to sixteen digits. */
        public BigDecimal loanToValuePercent() {
            return share(loanAmount(), homePrice);
        }

        @Override
        public Money loanAmount() {
            return homePrice.minus(amountDown());
        }

        @Override
        public Optional<Money> price() {
            return Optional.of(homePrice);
        }

        private static BigDecimal share(Money part, Money whole) {
            return BigDecimal.valueOf(part.cents())
                    .movePointRight(2)
                    .divide(BigDecimal.valueOf(whole.cents()), MathContext.DECIMAL64);
        }
    }

    /** A loan amount alone, where no price is known or needed. */
    record LoanAlone(Money loanAmount) implements Financing {
        /**
         * @throws CaseException if the amount is outside its range
         */
        public LoanAlone {
            loanAmount.within(Money.ofCents(1), Money.LARGEST, "loan");
        }

        @Override
        public Optional<Money> price() {
            return Optional.empty();
        }
    }
}
