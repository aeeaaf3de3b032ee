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

    /** What the home is worth to a lender, where a price is known: the lesser of price and appraisal. */
    Optional<Money> value();

    /** What the client pays of the price; zero where none is known. */
    Money amountDown();

    /**
     * A home bought with money down.
     *
     * @param homePrice from 0.01 to {@link Money#LARGEST}
     * @param moneyDown below the price, so that something is borrowed
     * @param appraisal what an appraiser says the home is worth, from 0.01 to {@link Money#LARGEST}, once it is known
     */
    record Purchase(Money homePrice, MoneyDown moneyDown, Optional<Money> appraisal) implements Financing {
        /**
         * @throws CaseException if the price is outside its range or the money down leaves nothing to borrow
         */
        public Purchase {
            homePrice.within(Money.ofCents(1), Money.LARGEST, "price");
            appraisal.ifPresent(worth -> worth.within(Money.ofCents(1), Money.LARGEST, "appraisal"));
            Money down = moneyDown.of(homePrice);
            if (down.compareTo(homePrice) >= 0) {
                throw CaseException.of(
                        "moneyDown",
                        down.toString(),
                        "less than the price of " + homePrice,
                        "Money down of " + down + " leaves nothing to borrow on a price of " + homePrice + ".");
            }
        }

        @Override
        public Money amountDown() {
            return moneyDown.of(homePrice);
        }

        /** The money down as a share of the price, to sixteen digits. */
        public BigDecimal percentDown() {
            return share(amountDown(), homePrice);
        }

        /** Loan-to-value in percent, to sixteen digits. */
        public BigDecimal loanToValuePercent() {
            return share(loanAmount(), worth());
        }

        @Override
        public Money loanAmount() {
            return homePrice.minus(amountDown());
        }

        @Override
        public Optional<Money> price() {
            return Optional.of(homePrice);
        }

        @Override
        public Optional<Money> value() {
            return Optional.of(worth());
        }

        /** What the home is worth to a lender: the lesser of price and appraisal. */
        public Money worth() {
            return appraisal.filter(homePrice::isAbove).orElse(homePrice);
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

        @Override
        public Optional<Money> value() {
            return Optional.empty();
        }

        @Override
        public Money amountDown() {
            return Money.ZERO;
        }
    }
}
