package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Findings;
import app.impendium.core.loan.RunningDebt;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Where the loan amount comes from: a purchase with a down payment, a loan without a known price, or a loan that takes the
 * place of another. What must be told apart by kind goes through {@link #match}, so that a further kind does not compile until
 * each such place has an answer for it.
 */
public sealed interface Financing {

    Money loanAmount();

    /** The price of the home, or what it is worth where it is not bought, once that is known. */
    Optional<Money> price();

    /** What the home is worth to a lender, where that is known: the lesser of price and appraisal. */
    Optional<Money> value();

    /** What the client pays of the price; zero where none is known. */
    Money amountDown();

    /** What the function for its kind makes of it. */
    <T> T match(Function<Purchase, T> purchase, Function<LoanOnly, T> loanOnly, Function<Refinancing, T> refinancing);

    /** The down payment in percent of the price, to sixteen digits, where a home is bought. */
    default Optional<BigDecimal> percentDown() {
        return match(
                purchase -> Optional.of(share(purchase.amountDown(), purchase.homePrice())),
                loanOnly -> Optional.empty(),
                refinancing -> Optional.empty());
    }

    /** What the client receives out of the loan. */
    default Money cashOut() {
        return Money.ZERO;
    }

    /** The costs at closing that the loan itself pays. */
    default Money financedCosts() {
        return Money.ZERO;
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
        public <T> T match(
                Function<Purchase, T> purchase, Function<LoanOnly, T> loanOnly, Function<Refinancing, T> refinancing) {
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
        public <T> T match(
                Function<Purchase, T> purchase, Function<LoanOnly, T> loanOnly, Function<Refinancing, T> refinancing) {
            return loanOnly.apply(this);
        }
    }

    /**
     * A loan that pays off the present one, and what else the client wants of it.
     *
     * @param paidOff the balance of the present loan, from 0.01 to {@link Money#LARGEST}
     * @param debts further debts that it pays off
     * @param cashOut what the client receives, from 0.00 to {@link Money#LARGEST}
     * @param financedCosts costs at closing that are added to the loan
     * @param homeValue what the home is worth, from 0.01 to {@link Money#LARGEST}, once it is known
     */
    record Refinancing(
            Money paidOff, List<RunningDebt> debts, Money cashOut, Money financedCosts, Optional<Money> homeValue)
            implements Financing {
        /**
         * @throws CaseException if an amount is outside its range, or the loan would be larger than any
         */
        public Refinancing {
            debts = List.copyOf(debts);
            Findings findings = new Findings();
            Money balance = paidOff;
            Money received = cashOut;
            findings.group("", () -> balance.within(Money.ofCents(1), Money.LARGEST, Field.BALANCE_PAID_OFF));
            findings.group("", () -> received.within(Money.ZERO, Money.LARGEST, Field.CASH_OUT));
            homeValue.ifPresent(
                    worth -> findings.group("", () -> worth.within(Money.ofCents(1), Money.LARGEST, Field.HOME_VALUE)));
            findings.throwIfAny();
            sum(balance, debts, received, financedCosts)
                    .within(Money.ofCents(1), Money.LARGEST, Field.BALANCE_PAID_OFF);
        }

        /** One whose costs are paid in cash. */
        public static Refinancing of(Money paidOff, List<RunningDebt> debts, Money cashOut, Optional<Money> homeValue) {
            return new Refinancing(paidOff, debts, cashOut, Money.ZERO, homeValue);
        }

        /**
         * The same with its costs added to the loan. Costs that are a share of the loan are a share of all of it, a financed
         * premium included: the loan is the least that pays for what is due on it.
         *
         * @throws CaseException if the loan would be larger than any
         */
        public Refinancing financing(ClosingCosts costs, UpfrontPremium premium) {
            Refinancing financed = this;
            Money due = financed.dueOn(costs, premium);
            while (!due.equals(financed.financedCosts())) {
                financed = new Refinancing(paidOff, debts, cashOut, due, homeValue);
                due = financed.dueOn(costs, premium);
            }
            return financed;
        }

        private Money dueOn(ClosingCosts costs, UpfrontPremium premium) {
            return costs.netOf(loanAmount().plus(premium.addedToLoan(loanAmount())));
        }

        @Override
        public Money loanAmount() {
            return sum(paidOff, debts, cashOut, financedCosts);
        }

        @Override
        public Optional<Money> price() {
            return homeValue;
        }

        @Override
        public Optional<Money> value() {
            return homeValue;
        }

        @Override
        public Money amountDown() {
            return Money.ZERO;
        }

        @Override
        public <T> T match(
                Function<Purchase, T> purchase, Function<LoanOnly, T> loanOnly, Function<Refinancing, T> refinancing) {
            return refinancing.apply(this);
        }

        private static Money sum(Money paidOff, List<RunningDebt> debts, Money cashOut, Money financedCosts) {
            return debts.stream()
                    .map(RunningDebt::balance)
                    .reduce(paidOff, Money::plus)
                    .plus(cashOut)
                    .plus(financedCosts);
        }
    }
}
