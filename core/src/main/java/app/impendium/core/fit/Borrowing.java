package app.impendium.core.fit;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import java.util.Optional;

/**
 * What a household can borrow without a home in mind: the largest price in whole units of the currency that a limit set allows,
 * on the terms of an option. What is left of the money at hand after all costs is paid down, in whole units too. Immutable.
 */
public final class Borrowing {
    private static final long UNIT = 100;
    private static final int MOST_ROUNDS = 8;
    private static final Money LEAST_LOAN = Money.ofCents(1000 * UNIT);

    private final LoanOption terms;
    private final Household household;
    private final LimitSet set;

    /**
     * @param terms rate, term, closing and housing costs that are taken for granted; its price and down payment are not
     */
    public Borrowing(LoanOption terms, Household household, LimitSet set) {
        this.terms = terms.atLevelPayment();
        this.household = household;
        this.set = set;
    }

    /**
     * The most that can be borrowed.
     *
     * @param loan as the lender looks at it
     */
    public record Most(Money price, Money down, QualifyingLoan loan) {}

    /** The largest price with all the money that they have; none where the set allows none, or the money does not cover the costs. */
    public Optional<Most> most() {
        Money free = household.funds().free();
        Optional<Most> best = Optional.empty();
        Money down = wholeUnits(free);
        // Costs that are a share of the loan move with the price: each round pays down what the last one left over.
        for (int round = 0; round < MOST_ROUNDS && down.cents() >= 0; round++) {
            Optional<Most> most = withDown(down);
            if (most.isEmpty()) {
                return best;
            }
            Money spare = wholeUnits(free.minus(most.get().loan().cashToClose()));
            boolean isCovered = spare.cents() >= 0;
            if (isCovered
                    && best.filter(known -> !most.get().price().isAbove(known.price()))
                            .isEmpty()) {
                best = most;
            }
            if (spare.isZero()) {
                return best;
            }
            down = down.plus(spare);
        }
        return best;
    }

    /** The largest price with so much paid down, whatever closing then takes; none where the set allows none. */
    public Optional<Most> withDown(Money down) {
        LoanOption start = terms.withFinancing(
                new Financing.Purchase(down.plus(LEAST_LOAN), new DownPayment.Amount(down), Optional.empty()));
        FitSolver solver = new FitSolver(new LoanVariants(CaseEvaluator.evaluate(start), household), set);
        return solver.lever(FitLever.PRICE_KEEPING_AMOUNT)
                .filter(FitAnswer.Found.class::isInstance)
                .map(answer -> new Most(answer.loan().option().price(), down, answer.loan()));
    }

    /** The same at another rate. */
    public Borrowing at(AnnualRate rate) {
        return new Borrowing(terms.withRate(rate), household, set);
    }

    private static Money wholeUnits(Money amount) {
        return Money.ofCents(Math.floorDiv(amount.cents(), UNIT) * UNIT);
    }
}
