package app.impendium.core.working;

import static app.impendium.core.working.Numbers.byFigure;
import static app.impendium.core.working.Numbers.number;
import static app.impendium.core.working.Numbers.value;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.Assumptions;
import app.impendium.core.CaseComparison;
import app.impendium.core.CaseEvaluator;
import app.impendium.core.Closing;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.OptionWorkings;
import app.impendium.core.Options;
import app.impendium.core.RandomOptions;
import app.impendium.core.compare.RateLadder;
import app.impendium.core.cost.BuydownTerms;
import app.impendium.core.cost.ClosingAmount;
import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.ClosingItem;
import app.impendium.core.cost.ClosingItem.Kind;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.Payer;
import app.impendium.core.cost.UpfrontPremium;
import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.Loans;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.PresentPayment;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import app.impendium.core.target.Lever;
import app.impendium.core.target.Target;
import app.impendium.core.target.TargetAnswer;
import app.impendium.core.target.TargetSolver;
import app.impendium.core.target.TargetWorkings;
import app.impendium.core.working.Quantity.Dated;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** A working gives the very figure that it explains, and its numbers lead there. */
class OptionWorkingsTest {
    /** Figures of the people and of a let home, which are explained by workings of their own. */
    private static final Set<Figure> OF_THE_CASE = EnumSet.of(
            Figure.COUNTED_INCOME,
            Figure.RENT_COUNTED,
            Figure.LET_OUTGOINGS,
            Figure.COVER,
            Figure.INTEREST_COVER,
            Figure.CASH_FLOW,
            Figure.GROSS_YIELD,
            Figure.NET_YIELD,
            Figure.FIRST_YEAR_RETURN);

    private static final LoanTerms HALF_YEARLY = LoanTerms.plain(
            Money.of("201040.00"),
            PeriodicRate.of(AnnualRate.ofPercent("5.75"), Compounding.SEMI_ANNUAL, PaymentFrequency.MONTHLY),
            300,
            PaymentRounding.NEAREST_CENT);

    @Test
    void explainsEveryFigureOnce() {
        LoanOption everything = Options.closed(
                new Closing(
                        Optional.of(LocalDate.of(2027, 1, 12)),
                        new ClosingCosts(List.of(
                                new ClosingItem(
                                        Kind.POINTS, new ClosingAmount.ShareOfLoan(Percent.of("1")), Payer.BUYER),
                                ClosingItem.of(Kind.LOAN_FEE, Money.of("900.00")),
                                ClosingItem.of(Kind.OTHER_COST, Money.of("250.00")),
                                ClosingItem.of(Kind.PREPAID_INTEREST, Money.of("120.00")),
                                ClosingItem.of(Kind.PREPAID_ITEM, Money.of("600.00")),
                                ClosingItem.of(Kind.SELLER_CREDIT, Money.of("9000.00")))),
                        new UpfrontPremium(Percent.of("1.2"), true),
                        Optional.of(new BuydownTerms(List.of(Percent.of("1")), Payer.SELLER)),
                        List.of()),
                Optional.of(LoanTerm.ofYears(5)));
        OptionWorkings insured = workingsOf(Options.purchase("5", PaymentFrequency.MONTHLY, 300)
                .withFeatures(LoanFeatures.NONE.withExtras(
                        List.of(
                                new ExtraPayment.Lump(Money.of("500.00"), 12),
                                new ExtraPayment.Regular(Money.of("20.00"), 13, 24)),
                        ExtraEffect.END_EARLY)));
        int insuranceEnds = CaseEvaluator.evaluate(Options.purchase("5", PaymentFrequency.MONTHLY, 300))
                .monthlyCost()
                .insurance()
                .orElseThrow()
                .endsAtPayment();
        TargetAnswer.Found answer = (TargetAnswer.Found)
                TargetSolver.solve(new Target.TotalInterest(Money.of("90000.00")), everything, Lever.RATE)
                        .orElseThrow();

        List<List<Figure>> explained = Stream.of(
                        workingsOf(everything).whole(),
                        insured.whole(),
                        insured.ofLine(12),
                        insured.ofLine(insuranceEnds),
                        insured.ofRange(1, 12),
                        insured.ofRateRestated(Compounding.YEARLY),
                        OptionWorkings.atRate(AnnualRate.ofPercent("5"), RateLadder.of(everything.loanTerms())),
                        TargetWorkings.of(new Target.TotalInterest(Money.of("90000.00")), answer),
                        refinanced())
                .map(workings -> workings.stream().map(Working::figure).toList())
                .toList();

        assertThat(explained).allSatisfy(figures -> assertThat(figures).doesNotHaveDuplicates());
        assertThat(explained.stream().flatMap(List::stream).collect(Collectors.toSet()))
                .isEqualTo(EnumSet.complementOf(EnumSet.copyOf(OF_THE_CASE)));
    }

    /** The workings of a loan that is refinanced at a lower rate, as long as it is kept. */
    private static List<Working> refinanced() {
        LoanOption present = Options.of(
                new Financing.LoanOnly(Money.of("180000.00")), PaymentFrequency.MONTHLY, 240, LocalDate.of(2027, 3, 1));
        LoanOption refinancing = present.withFinancing(
                        Financing.Refinancing.of(Money.of("180000.00"), List.of(), Money.ZERO, Optional.empty()))
                .withRate(AnnualRate.ofPercent("4"));
        return CaseComparison.of(
                        List.of(CaseEvaluator.evaluate(present), CaseEvaluator.evaluate(refinancing)),
                        Assumptions.NONE,
                        Optional.of(new PresentPayment(Money.of("1250.00"), PaymentFrequency.MONTHLY)))
                .workings(1);
    }

    @Test
    void paymentIsTheExactOneRounded() {
        LoanOption option = Options.purchase("20", PaymentFrequency.MONTHLY, 300);
        OptionEvaluation figures = CaseEvaluator.evaluate(option);
        Working payment = workings(option).get(Figure.PAYMENT);

        assertThat(payment.rule()).isEqualTo(Rule.LEVEL_PAYMENT);
        assertThat(value(payment.result()))
                .isEqualByComparingTo(figures.loan().schedule().payment().toDecimal());
        assertThat(number(payment, Name.EXACT_PAYMENT).setScale(2, RoundingMode.HALF_UP))
                .isEqualByComparingTo(value(payment.result()));
        assertThat(number(payment, Name.EXACT_PAYMENT)).isNotEqualByComparingTo(value(payment.result()));
    }

    @Test
    void roundingsExplainWhatPaymentTimesNumberMisses() {
        LoanOption option = Options.purchase("20", PaymentFrequency.MONTHLY, 300);
        Working total = workings(option).get(Figure.TOTAL_INTEREST);
        Schedule schedule = CaseEvaluator.evaluate(option).loan().schedule();

        assertThat(number(total, Name.PAYMENTS_LESS_LOAN))
                .isEqualByComparingTo(schedule.payment()
                        .times(300)
                        .minus(schedule.balanceAfter(0))
                        .toDecimal());
        assertThat(number(total, Name.ROUNDING_OF_PAYMENT).add(number(total, Name.ROUNDING_OF_LINES)))
                .isEqualByComparingTo(
                        schedule.lastPayment().minus(schedule.payment()).toDecimal());
        assertThat(number(total, Name.ROUNDING_OF_LINES).abs())
                .isBetween(new BigDecimal("0.0001"), new BigDecimal("3"));
    }

    @Property(tries = 300)
    void theCausesOfTheDifferenceAddUpToTheTotals(@ForAll("loans") LoanTerms terms) {
        Schedule schedule;
        try {
            schedule = Schedule.of(terms);
        } catch (CaseException noSchedule) {
            return;
        }
        Map<Figure, Working> workings = byFigure(new LoanWorking(terms, schedule).workings());

        for (Figure total : List.of(Figure.TOTAL_INTEREST, Figure.TOTAL_PAID)) {
            assertThat(workings.get(total).steps().stream()
                            .map(Numbers::value)
                            .reduce(BigDecimal.ZERO, BigDecimal::add))
                    .isEqualByComparingTo(value(workings.get(total).result()));
        }
    }

    @Provide
    Arbitrary<LoanTerms> loans() {
        return Loans.all();
    }

    @Test
    void convertsAHalfYearlyRateStepByStep() {
        Working rate = byFigure(new LoanWorking(HALF_YEARLY, Schedule.of(HALF_YEARLY)).workings())
                .get(Figure.PERIODIC_RATE);

        assertThat(rate.rule()).isEqualTo(Rule.RATE_CONVERTED);
        assertThat(number(rate, Name.RATE_PER_COMPOUNDING).setScale(12, RoundingMode.HALF_UP))
                .isEqualByComparingTo("2.875");
        assertThat(number(rate, Name.GROWTH_PER_PAYMENT)
                        .subtract(BigDecimal.ONE)
                        .movePointRight(2))
                .isEqualByComparingTo(value(rate.result()));
    }

    @Test
    void partsOfASumAddUpToIt() {
        for (Figure sum : List.of(Figure.HOUSING_COST, Figure.LOAN_AMOUNT)) {
            Working working = workings(Options.purchase("5", PaymentFrequency.BIWEEKLY, 300))
                    .get(sum);
            BigDecimal parts = working.inputs().stream().map(Numbers::value).reduce(BigDecimal.ZERO, BigDecimal::add);
            BigDecimal down = sum == Figure.LOAN_AMOUNT
                    ? value(working.inputs().get(1)).multiply(BigDecimal.valueOf(2))
                    : BigDecimal.ZERO;
            assertThat(parts.subtract(down)).isEqualByComparingTo(value(working.result()));
        }
    }

    @Test
    void knowsTheOtherKindsOfPayment() {
        LoanOption accelerated = Options.of(
                new Financing.LoanOnly(Money.of("180000.00")),
                PaymentFrequency.ACCELERATED_WEEKLY,
                300,
                LocalDate.of(2027, 3, 1));
        Working payment = workings(accelerated).get(Figure.PAYMENT);
        Working payoff = workings(accelerated).get(Figure.PAYOFF_DATE);

        assertThat(payment.rule()).isEqualTo(Rule.ACCELERATED_PAYMENT);
        assertThat(number(payment, Name.MONTHLY_PAYMENT).divide(BigDecimal.valueOf(4)))
                .isEqualByComparingTo(number(payment, Name.EXACT_PAYMENT));
        assertThat(payoff.result())
                .isEqualTo(new Dated(
                        Name.PAYOFF_DATE,
                        CaseEvaluator.evaluate(accelerated).loan().payoffDate()));
    }

    @Property(tries = 300)
    void disclosedFiguresAreTheSumsOfTheirNumbers(@ForAll("options") LoanOption option) {
        OptionEvaluation figures;
        try {
            figures = CaseEvaluator.evaluate(option);
        } catch (CaseException noFigures) {
            return;
        }
        Map<Figure, Working> workings = byFigure(new OptionWorkings(figures).whole());
        Working fiveYears = workings.get(Figure.FIVE_YEARS_PAID);
        assertThat(fiveYears.inputs().stream().map(Numbers::value).reduce(BigDecimal.ZERO, BigDecimal::add))
                .isEqualByComparingTo(value(fiveYears.result()));

        Working rate = workings.get(Figure.ANNUAL_PERCENTAGE_RATE);
        if (rate != null) {
            BigDecimal charges = Stream.of(Name.POINTS, Name.LOAN_FEE, Name.PREPAID_INTEREST, Name.UPFRONT_PREMIUM)
                    .map(name -> number(rate, name))
                    .reduce(BigDecimal.ZERO, BigDecimal::add);
            assertThat(number(rate, Name.LOAN).subtract(charges))
                    .isEqualByComparingTo(number(rate, Name.AMOUNT_RECEIVED));
            Money premiums = Money.ZERO;
            for (int payment = 1; payment <= figures.loan().schedule().payments(); payment++) {
                int number = payment;
                premiums = premiums.plus(figures.monthlyCost()
                        .insurance()
                        .map(insurance -> insurance.with(number))
                        .orElse(Money.ZERO));
            }
            assertThat(number(rate, Name.PREMIUMS)).isEqualByComparingTo(premiums.toDecimal());
        }
    }

    @Provide
    Arbitrary<LoanOption> options() {
        return RandomOptions.all();
    }

    @Test
    void namesNoFigureAsUsedInItself() {
        assertThat(Figure.values())
                .allSatisfy(figure -> assertThat(figure.usedIn()).doesNotContain(figure));
    }

    private static Map<Figure, Working> workings(LoanOption option) {
        return byFigure(workingsOf(option).whole());
    }

    private static OptionWorkings workingsOf(LoanOption option) {
        return new OptionWorkings(CaseEvaluator.evaluate(option));
    }
}
