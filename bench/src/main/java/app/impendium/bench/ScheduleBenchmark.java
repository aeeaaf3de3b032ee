package app.impendium.bench;

import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
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

/** A schedule of 360 lines, exact, beside the same loop in bare unrounded double. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ScheduleBenchmark {
    private static final int PAYMENTS = 360;

    private final LoanTerms terms = LoanTerms.plain(
            Money.of("312450.00"),
            PeriodicRate.of(AnnualRate.ofPercent("6.125"), Compounding.MONTHLY, PaymentFrequency.MONTHLY),
            PAYMENTS,
            PaymentRounding.NEAREST_CENT);

    @Benchmark
    public Schedule exactSchedule() {
        return Schedule.of(terms);
    }

    @Benchmark
    public double[][] bareDoubleLoop() {
        double rate = 0.06125 / 12;
        double payment = 312450.00 * rate / (1 - Math.pow(1 + rate, -PAYMENTS));
        double[] interest = new double[PAYMENTS + 1];
        double[] principal = new double[PAYMENTS + 1];
        double[] balance = new double[PAYMENTS + 1];
        balance[0] = 312450.00;
        for (int line = 1; line <= PAYMENTS; line++) {
            interest[line] = balance[line - 1] * rate;
            principal[line] = payment - interest[line];
            balance[line] = balance[line - 1] - principal[line];
        }
        return new double[][] {interest, principal, balance};
    }
}
