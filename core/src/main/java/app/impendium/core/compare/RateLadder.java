package app.impendium.core.compare;

import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** What a loan would cost at rates around its own. */
public final class RateLadder {
    private static final BigDecimal HIGHEST = BigDecimal.valueOf(30);
    private static final int MOST_RUNGS = 40;

    private RateLadder() {}

    /**
     * One rate of the ladder. The differences are against the loan's own rate; negative is cheaper.
     *
     * @param perPayment the difference of one regular payment
     * @param perYear the difference of a year's regular payments
     * @param overTheLife the difference of all that is paid
     */
    public record Rung(AnnualRate rate, Money payment, Money perPayment, Money perYear, Money overTheLife) {}

    /**
     * How a ladder is built.
     *
     * @param step the distance between rungs in percentage points, above 0
     * @param down how many rungs below the loan's rate, from 0 to 40
     * @param up how many above it, from 0 to 40
     */
    public record Build(Percent step, int down, int up) {
        /**
         * @throws CaseException if the step or a number of rungs is outside its range
         */
        public Build {
            if (!step.isPositive()) {
                throw CaseException.of("step", step.toString(), "above 0 %");
            }
            checkRungs(down, "down");
            checkRungs(up, "up");
        }
    }

    /** The rungs from the lowest rate to the highest; those below 0 % or above 30 % are left out. */
    public static List<Rung> of(LoanTerms terms, Build build) {
        Schedule base = Schedule.of(terms);
        List<Rung> rungs = new ArrayList<>();
        BigDecimal own = terms.rate().annual().percent().value();
        for (int rung = -build.down(); rung <= build.up(); rung++) {
            BigDecimal percent = own.add(build.step().value().multiply(BigDecimal.valueOf(rung)));
            if (percent.signum() >= 0 && percent.compareTo(HIGHEST) <= 0) {
                rungs.add(rung(terms, base, AnnualRate.ofPercent(percent)));
            }
        }
        return rungs;
    }

    /** The same loan at one other rate. */
    public static Rung at(AnnualRate rate, LoanTerms terms) {
        return rung(terms, Schedule.of(terms), rate);
    }

    private static Rung rung(LoanTerms terms, Schedule base, AnnualRate rate) {
        Schedule other = Schedule.of(terms.withRate(rate));
        Money perPayment = other.payment().minus(base.payment());
        return new Rung(
                rate,
                other.payment(),
                perPayment,
                perPayment.times(terms.rate().frequency().perYear()),
                other.whole().paid().minus(base.whole().paid()));
    }

    private static void checkRungs(int rungs, String field) {
        if (rungs < 0 || rungs > MOST_RUNGS) {
            throw CaseException.of(field, String.valueOf(rungs), "0 to " + MOST_RUNGS);
        }
    }
}
