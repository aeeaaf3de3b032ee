package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Optional;
import java.util.function.Function;

/**
 * Where the loan amount comes from: a purchase with a down payment, or a loan without a known price. What must be told apart
 * by kind goes through {@link #match}, so that a further kind does not compile until each such place has an answer for it.
 */
public sealed interface Financing {

    Money loanAmount();

    /** The price of the home, where it is known. */
    Optional<Money> price();

    /** What the home is worth to a lender, where a price is known: the lesser of price and appraisal. */
    Optional<Money> value();

    /** What the client pays of the price; zero where none is known. */
    Money amountDown();

    /** What the function for its kind makes of it. */
    <T> T match(Function<Purchase, T> purchase, Function<LoanOnly, T> loanOnly);

    /** The down payment in percent of the price, to sixteen digits, where a price is known. */
    default Optional<BigDecimal> percentDown() {
        return price().map(price -> share(amountDown(), price));
    }

    /** The loan, without a financed premium, in percent of the value, to sixteen digits, where a value is known. */
    default Optional<BigDecimal> loanToValuePercent() {
        return value().map(value -> share(loanAmount(), value));
    }

    private static BigDecimal share(Money part, Money whole) {
        return BigDecimal.valueOf(part.cents())
                .movePointRight(2)
                .divide(BigDecimal.valueOf(whole.cents()), MathContext.DECIMAL64);
    }

    /**
     * A home bought with a down payment.
     *
     * @param homePrice from 0.01 to {@link Money#LARGEST}
     * @param downPayment below the price, so that something is borrowed
     * @param appraisal what an appraiser says the home is worth, from 0.01 to {@link Money#LARGEST}, once it is known
     */
    record Purchase(Money homePrice, DownPayment downPayment, Optional<Money> appraisal) implements Financing {
        /**
         * @throws CaseException if the price is outside its range or the down payment leaves nothing to borrow
         */
        public Purchase {
            homePrice.within(Money.ofCents(1), Money.LARGEST, Field.PRICE);
            appraisal.ifPresent(worth -> worth.within(Money.ofCents(1), Money.LARGEST, Field.APPRAISAL));
            Money down = downPayment.of(homePrice);
            if (down.compareTo(homePrice) >= 0) {
                throw CaseException.of(Field.DOWN_PAYMENT, Code.NOTHING_TO_BORROW, down.toValue(), homePrice.toValue());
            }
        }

        @Override
        public Money amountDown() {
            return downPayment.of(homePrice);
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

        @Override
        public <T> T match(Function<Purchase, T> purchase, Function<LoanOnly, T> loanOnly) {
            return purchase.apply(this);
        }
    }

    /** A loan amount alone, where no price is known or needed. */
    record LoanOnly(Money loanAmount) implements Financing {
        /**
         * @throws CaseException if the amount is outside its range
         */
        public LoanOnly {
            loanAmount.within(Money.ofCents(1), Money.LARGEST, Field.LOAN);
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

        @Override
        public <T> T match(Function<Purchase, T> purchase, Function<LoanOnly, T> loanOnly) {
            return loanOnly.apply(this);
        }
    }
}
