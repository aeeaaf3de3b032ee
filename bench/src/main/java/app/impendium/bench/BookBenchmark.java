package app.impendium.bench;

import app.impendium.core.loan.LevelPayment;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import java.util.Random;
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
import org.openjdk.jmh.infra.Blackhole;

/** A book of 100,000 loans over thirty years, repriced on one processor: payment, balance today, payment at another rate. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2)
@Measurement(iterations = 5)
@Fork(1)
public class BookBenchmark {
    private static final int LOANS = 100_000;
    private static final int MONTHS = 360;
    private static final long SEED = 20_270_301;

    private final Held[] book = new Held[LOANS];

    /** A loan as a book holds it: its terms, so many payments of it made, and the rate that it would have today. */
    private record Held(long cents, BigDecimal ratePercent, int paid, BigDecimal todaysPercent) {
        LoanTerms terms() {
            return LoanTerms.plain(Money.ofCents(cents), rate(ratePercent), MONTHS, PaymentRounding.NEAREST_CENT);
        }
    }

    public BookBenchmark() {
        Random random = new Random(SEED);
        for (int i = 0; i < LOANS; i++) {
            book[i] = new Held(
                    5_000_000L + random.nextInt(95_000_000),
                    BigDecimal.valueOf(2_000 + random.nextInt(7_000), 3),
                    1 + random.nextInt(MONTHS - 1),
                    BigDecimal.valueOf(2_000 + random.nextInt(7_000), 3));
        }
    }

    @Benchmark
    public void reprice100000(Blackhole found) {
        for (Held loan : book) {
            LoanTerms terms = loan.terms();
            Schedule schedule = Schedule.of(terms);
            found.consume(schedule.payment());
            Money balance = schedule.balanceAfter(loan.paid());
            found.consume(balance);
            LoanTerms today = LoanTerms.plain(
                    balance, rate(loan.todaysPercent()), MONTHS - loan.paid(), PaymentRounding.NEAREST_CENT);
            found.consume(LevelPayment.of(today));
        }
    }

    private static PeriodicRate rate(BigDecimal percent) {
        return PeriodicRate.of(AnnualRate.ofPercent(percent), Compounding.MONTHLY, PaymentFrequency.MONTHLY);
    }
}
