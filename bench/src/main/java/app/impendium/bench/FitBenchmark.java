package app.impendium.bench;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.Options;
import app.impendium.core.afford.Condition;
import app.impendium.core.afford.Debt;
import app.impendium.core.afford.Funds;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.Households;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.afford.Measure;
import app.impendium.core.afford.StressedRate;
import app.impendium.core.fit.FitAnswer;
import app.impendium.core.fit.FitLever;
import app.impendium.core.fit.FitSolver;
import app.impendium.core.fit.LoanVariants;
import app.impendium.core.loan.LevelPayment;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import java.math.BigDecimal;
import java.util.ArrayList;
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

/** What would make a purchase fit, under one limit set and under eight, beside the level payment of its loan. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 8, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class FitBenchmark {
    private static final Money MONTHLY_INCOME = Money.of("5100.00");

    private final LoanOption option = Options.purchase("10", PaymentFrequency.MONTHLY, 360);
    private final OptionEvaluation asked = CaseEvaluator.evaluate(option);
    private final Household household = Households.of(
            List.of(Households.monthly(MONTHLY_INCOME.toString())),
            debts(),
            new Funds(Money.of("62000.00"), Money.ZERO, Money.ZERO));
    private final LimitSet plain =
            Households.set(Households.atMost(Measure.FRONT_END, "28"), Households.atMost(Measure.BACK_END, "36"));
    private final List<LimitSet> eight = eightSets();

    @Benchmark
    public Money levelPayment() {
        return LevelPayment.of(option.loanTerms());
    }

    @Benchmark
    public Optional<FitAnswer> largestPrice() {
        LoanVariants variants = new LoanVariants(asked, household);
        return new FitSolver(variants, plain).lever(FitLever.PRICE_KEEPING_AMOUNT);
    }

    @Benchmark
    public List<Object> allLeversUnderEightSets() {
        LoanVariants variants = new LoanVariants(asked, household);
        List<Object> answers = new ArrayList<>();
        for (LimitSet set : eight) {
            FitSolver solver = new FitSolver(variants, set);
            answers.add(solver.levers());
            answers.add(solver.fewestDebts());
            answers.add(solver.cheapestDebts());
            answers.add(solver.missingIncome());
        }
        return answers;
    }

    private static List<Debt> debts() {
        return List.of(
                Households.debt("car", "412.00", "11900.00"),
                Households.debt("student", "238.55", "19410.00"),
                Households.debt("card", "95.00", "2840.00"),
                Households.debt("furniture", "89.00", "712.00"));
    }

    private static List<LimitSet> eightSets() {
        StressedRate twoMore = new StressedRate(Percent.of("2"), AnnualRate.ofPercent("5.25"));
        Condition above = new Condition.Above(Condition.Fact.LOAN_TO_VALUE, BigDecimal.valueOf(80));
        return List.of(
                Households.set(Households.atMost(Measure.BACK_END, "45")),
                Households.set(Households.atMost(Measure.BACK_END, "50")),
                Households.set(Households.atMost(Measure.FRONT_END, "31"), Households.atMost(Measure.BACK_END, "43")),
                Households.set(
                        Households.atMost(Measure.FRONT_END, "29"), Households.atMost(Measure.BACK_END, "41", above)),
                Households.set(
                        List.of(Households.atMost(Measure.FRONT_END, "39"), Households.atMost(Measure.BACK_END, "44")),
                        twoMore,
                        30),
                Households.set(Households.atMost(Measure.LOAN_TO_INCOME, "4.5")),
                Households.set(List.of(Households.atMost(Measure.DEBT_TO_INCOME, "6")), twoMore, 30),
                Households.set(
                        Households.atMost(Measure.BACK_END, "41"), Households.atMost(Measure.RESIDUAL_INCOME, "889")));
    }
}
