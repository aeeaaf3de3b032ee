package app.impendium.bench;

import app.impendium.core.loan.LevelPayment;
import app.impendium.core.loan.LoanSolver;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.PlainSchedule;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Exact schedules beside the same loops in bare unrounded double and in plain decimals; solving beside one payment. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ScheduleBenchmark {
    private static final AnnualRate RATE = AnnualRate.ofPercent("6.125");
    private static final Money AMOUNT = Money.of("312450.00");
    private static final Money PAYMENT = Money.of("1900.00");
    private static final int MONTHS = 360;
    private static final int WEEKS = 2600;

    private final LoanTerms monthly = terms(PaymentFrequency.MONTHLY, MONTHS);
    private final LoanTerms weekly = terms(PaymentFrequency.WEEKLY, WEEKS);

    @Benchmark
    public Schedule exact360() {
        return Schedule.of(monthly);
    }

    @Benchmark
    public Schedule exact2600() {
        return Schedule.of(weekly);
    }

    @Benchmark
    public double[][] bareDouble360() {
        double rate = 0.06125 / 12;
        double payment = 312450.00 * rate / (1 - Math.pow(1 + rate, -MONTHS));
        double[] interest = new double[MONTHS + 1];
        double[] principal = new double[MONTHS + 1];
        double[] balance = new double[MONTHS + 1];
        balance[0] = 312450.00;
        for (int line = 1; line <= MONTHS; line++) {
            interest[line] = balance[line - 1] * rate;
            principal[line] = payment - interest[line];
            balance[line] = balance[line - 1] - principal[line];
        }
        return new double[][] {interest, principal, balance};
    }

    @Benchmark
    public List<PlainSchedule.Line> plainDecimal360() {
        return PlainSchedule.of(monthly);
    }

    @Benchmark
    public Money paymentFromTerms() {
        return LevelPayment.of(terms(PaymentFrequency.MONTHLY, MONTHS));
    }

    @Benchmark
    public AnnualRate rateFromPayment() {
        return LoanSolver.highestRate(
                AMOUNT, monthly.rate(), MONTHS, PAYMENT, Money.ZERO, PaymentRounding.NEAREST_CENT);
    }

    private static LoanTerms terms(PaymentFrequency frequency, int payments) {
        return LoanTerms.plain(
                AMOUNT, PeriodicRate.of(RATE, Compounding.MONTHLY, frequency), payments, PaymentRounding.NEAREST_CENT);
    }
}
