package app.impendium.core.compare;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Parameter;
import app.impendium.core.finding.Value;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.Renewal;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** What a loan costs at rates around its own. Immutable. */
public final class RateLadder {
    private static final int MOST_RUNGS = 40;

    private final LoanTerms terms;
    private final Money comparedPayment;
    private final Money comparedPaid;

    private RateLadder(LoanTerms terms, Money comparedPayment, Money comparedPaid) {
        this.terms = terms;
        this.comparedPayment = comparedPayment;
        this.comparedPaid = comparedPaid;
    }

    /**
     * How far a ladder reaches.
     *
     * @param step the distance between rungs in percentage points, above 0, at most 10
     * @param down how many rungs below the loan's rate, from 0 to 40
     * @param up how many above it, from 0 to 40
     */
    public record Build(Percent step, int down, int up) {
        private static final int MOST_STEP = 10;

        /**
         * @throws CaseException if the step or a number of rungs is outside its range
         */
        public Build {
            step.atMost(MOST_STEP, Parameter.STEP);
            if (!step.isPositive()) {
                throw CaseException.of(Parameter.STEP, Code.NOT_ABOVE_ZERO, step.toValue());
            }
            checkRungs(down, Parameter.DOWN);
            checkRungs(up, Parameter.UP);
        }

        /**
         * The build with a step of so many percentage points.
         *
         * @throws CaseException if the step or a number of rungs is outside its range
         */
        public static Build of(BigDecimal step, int down, int up) {
            return new Build(Percent.upTo(MOST_STEP, step, Parameter.STEP), down, up);
        }
    }

    /**
     * The ladder of a loan as it begins, compared with the loan at its own rate.
     *
     * @throws CaseException if the loan has no figures at its own rate
     */
    public static RateLadder of(LoanTerms terms) {
        Schedule own = Schedule.of(terms);
        return new RateLadder(terms, own.payment(), own.whole().paid());
    }

    /**
     * The ladder of the next loan when the term of a rate ends: its payments are compared with the one before it, all that
     * is paid with the next loan at the rate that ends.
     *
     * @param schedule of the loan that ends
     * @param paid the last payment before the rate's term ends, from 1
     * @throws CaseException if nothing is owed by then
     */
    public static RateLadder atRenewal(LoanTerms terms, Schedule schedule, int paid) {
        LoanTerms next = Renewal.of(terms, schedule, paid, terms.rateOf(paid).annual());
        return new RateLadder(
                next, schedule.line(paid).payment(), Schedule.of(next).whole().paid());
    }

    /** The rungs from the lowest rate to the highest; those below 0 % or above 30 % are left out. */
    public List<Rung> rungs(Build build) {
        List<Rung> rungs = new ArrayList<>();
        BigDecimal own = terms.rate().annual().percent().value();
        for (int rung = -build.down(); rung <= build.up(); rung++) {
            BigDecimal percent = own.add(build.step().value().multiply(BigDecimal.valueOf(rung)));
            if (percent.signum() >= 0 && percent.compareTo(AnnualRate.HIGHEST) <= 0) {
                rungs.add(rung(AnnualRate.ofPercent(percent)));
            }
        }
        return rungs;
    }

    /** The loan at another rate. */
    public LoanTerms termsAt(AnnualRate rate) {
        return terms.withRate(rate);
    }

    /**
     * The rung at a rate.
     *
     * @throws CaseException if the loan has no figures there
     */
    public Rung.Priced at(AnnualRate rate) {
        Schedule other = Schedule.of(termsAt(rate));
        Money perPayment = other.payment().minus(comparedPayment);
        return new Rung.Priced(
                rate,
                other.payment(),
                perPayment,
                perPayment.times(terms.rate().frequency().perYear()),
                other.whole().paid().minus(comparedPaid));
    }

    private Rung rung(AnnualRate rate) {
        try {
            return at(rate);
        } catch (CaseException noFigures) {
            return new Rung.Unpriced(rate, noFigures.findings());
        }
    }

    private static void checkRungs(int rungs, String path) {
        if (rungs < 0 || rungs > MOST_RUNGS) {
            throw CaseException.of(
                    path, Code.OUT_OF_RANGE, new Value.Count(rungs), new Value.Count(0), new Value.Count(MOST_RUNGS));
        }
    }
}
