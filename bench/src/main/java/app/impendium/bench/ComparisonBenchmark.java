package app.impendium.bench;

import app.impendium.core.Assumptions;
import app.impendium.core.CaseComparison;
import app.impendium.core.CaseEvaluator;
import app.impendium.core.CaseFile;
import app.impendium.core.LoanOption;
import app.impendium.core.Options;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.PaymentRange;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.YearlyChange;
import java.util.List;
import java.util.Optional;
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

/** Six options of thirty years with their schedules, costs of every month and runs, beside one bare schedule. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ComparisonBenchmark {
    private static final Assumptions DISCOUNTED =
            new Assumptions(YearlyChange.NONE, AnnualRate.ofPercent("3.5"), Percent.of("22"), Optional.empty());

    private final LoanOption baseline = Options.purchase("10", PaymentFrequency.MONTHLY, 360);
    private final List<LoanOption> options = List.of(
            baseline,
            baseline.withRate(AnnualRate.ofPercent("5.25")),
            baseline.withRate(AnnualRate.ofPercent("6.25")),
            baseline.withFinancing(Options.buying("20")),
            baseline.withFinancing(Options.buying("5")),
            baseline.withAmortization(LoanTerm.ofYears(30)).withRate(AnnualRate.ofPercent("5.5")));

    @Benchmark
    public PaymentRange bareSchedule() {
        return Schedule.of(baseline.loanTerms()).whole();
    }

    @Benchmark
    public CaseComparison sixOptions() {
        return compared(Assumptions.NONE);
    }

    @Benchmark
    public CaseComparison sixOptionsInTodaysMoney() {
        return compared(DISCOUNTED);
    }

    private CaseComparison compared(Assumptions assumptions) {
        CaseFile file = new CaseFile(options, assumptions);
        return CaseComparison.of(CaseEvaluator.evaluate(file).options(), assumptions, Optional.empty());
    }
}
