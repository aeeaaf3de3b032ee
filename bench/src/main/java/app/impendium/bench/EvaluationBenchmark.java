package app.impendium.bench;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.Options;
import app.impendium.core.loan.PaymentRange;
import app.impendium.core.loan.Schedule;
import app.impendium.core.rate.PaymentFrequency;
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

/** An option through the front door beside the bare schedule of its loan. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class EvaluationBenchmark {
    private final LoanOption option = Options.purchase("10", PaymentFrequency.MONTHLY, 360);

    @Benchmark
    public PaymentRange bareSchedule() {
        return Schedule.of(option.loanTerms()).whole();
    }

    @Benchmark
    public PaymentRange scheduleAndTotals() {
        return CaseEvaluator.evaluate(option).loan().schedule().whole();
    }

    /** What the Loan view shows of an option. */
    @Benchmark
    public void forTheScreen(Blackhole shown) {
        OptionEvaluation figures = CaseEvaluator.evaluate(option);
        shown.consume(figures.loan().payoffDate());
        shown.consume(figures.loan().schedule().whole());
        shown.consume(figures.loan().effectiveRatePercent());
        shown.consume(figures.monthlyCost());
        shown.consume(figures.cashToClose());
        shown.consume(figures.disclosure());
        shown.consume(figures.years());
        shown.consume(figures.notes());
    }
}
