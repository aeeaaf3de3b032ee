package app.impendium.core.working;

import static app.impendium.core.working.Numbers.byFigure;
import static app.impendium.core.working.Numbers.number;
import static app.impendium.core.working.Numbers.result;
import static app.impendium.core.working.Numbers.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.Assumptions;
import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.OptionWorkings;
import app.impendium.core.Options;
import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.Instalment;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.Loans;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.RateChange;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.YearlyChange;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** What a line's working says is what the schedule says, whatever the loan. */
class LineWorkingTest {
    private static final RateChange TO_SIX_AND_A_HALF = new RateChange(61, Options.rate("6.5"));
    private static final LoanOption PLAIN = Options.purchase("20", PaymentFrequency.MONTHLY, 300);

    @Property(tries = 150)
    void everyLinesWorkingsGiveTheLine(@ForAll("loans") LoanTerms terms, @ForAll int seed) {
        Schedule schedule;
        try {
            schedule = Schedule.of(terms);
        } catch (CaseException noSchedule) {
            return;
        }
        PaymentDates dates =
                new PaymentDates(LocalDate.of(2027, 3, 1), terms.rate().frequency());
        for (int number : new int[] {1, 1 + Math.floorMod(seed, schedule.payments()), schedule.payments()}) {
            Instalment line = schedule.line(number);
            Map<Figure, Working> workings = byFigure(new LineWorking(terms, schedule, dates, number).workings());

            assertThat(result(workings, Figure.LINE_PAYMENT)).isEqualByComparingTo(decimal(line.payment()));
            assertThat(result(workings, Figure.LINE_INTEREST)).isEqualByComparingTo(decimal(line.interest()));
            assertThat(number(workings.get(Figure.LINE_INTEREST), Name.EXACT_INTEREST)
                            .setScale(2, RoundingMode.HALF_UP))
                    .isEqualByComparingTo(decimal(line.interest()));
            assertThat(result(workings, Figure.LINE_BALANCE)).isEqualByComparingTo(decimal(line.balance()));
            assertThat(result(workings, Figure.LINE_PAID))
                    .isEqualByComparingTo(decimal(line.payment().plus(line.extra())));
            assertThat(workings.containsKey(Figure.LINE_EXTRA))
                    .isEqualTo(!line.extra().isZero());
        }
    }

    @Test
    void tellsWhereAPaymentComesFrom() {
        Map<Integer, Rule> rules = Map.of(
                1, Rule.INTEREST_ONLY_PAYMENT,
                12, Rule.INTEREST_ONLY_PAYMENT,
                13, Rule.REGULAR_PAYMENT,
                61, Rule.LEVEL_PAYMENT,
                300, Rule.LAST_PAYMENT);
        LoanOption option =
                PLAIN.withFeatures(LoanFeatures.NONE.withInterestOnly(12).withRateChanges(List.of(TO_SIX_AND_A_HALF)));

        rules.forEach((line, rule) -> assertThat(
                        of(option, line).get(Figure.LINE_PAYMENT).rule())
                .as("payment %s", line)
                .isEqualTo(rule));
    }

    @Test
    void saysAfterWhichPaymentItWasComputedAnew() {
        LoanOption recast = PLAIN.withFeatures(LoanFeatures.NONE
                .withExtras(
                        List.of(
                                new ExtraPayment.Lump(Money.of("4000.00"), 30),
                                new ExtraPayment.Lump(Money.of("2500.00"), 75)),
                        ExtraEffect.RECAST)
                .withRateChanges(List.of(TO_SIX_AND_A_HALF)));

        assertThat(of(recast, 30).get(Figure.LINE_PAYMENT).rule()).isEqualTo(Rule.REGULAR_PAYMENT);
        assertThat(recalculatedAfter(recast, 31)).isEqualTo(30);
        assertThat(recalculatedAfter(recast, 75)).isEqualTo(60);
        assertThat(recalculatedAfter(recast, 76)).isEqualTo(75);
        Working extra = of(recast, 75).get(Figure.LINE_EXTRA);
        assertThat(number(extra, Name.EXTRA_AGREED)).isEqualByComparingTo("2500.00");
    }

    @Test
    void theMonthOfALineIsTheOneItFallsIn() {
        LoanOption insured = Options.purchase("5", PaymentFrequency.MONTHLY, 300);
        OptionEvaluation figures = CaseEvaluator.evaluate(insured);
        int end = figures.monthlyCost().insurance().orElseThrow().endsAtPayment();
        Map<Figure, Working> before = of(insured, end - 1);
        Map<Figure, Working> after = of(insured, end);

        assertThat(result(before, Figure.HOUSING_COST))
                .isEqualByComparingTo(decimal(figures.monthlyCost().first().total()));
        assertThat(before).containsKeys(Figure.MORTGAGE_INSURANCE, Figure.LINE_INSURANCE);
        assertThat(after).doesNotContainKeys(Figure.MORTGAGE_INSURANCE, Figure.LINE_INSURANCE);
        assertThat(result(after, Figure.MONTH_CHANGE))
                .isEqualByComparingTo(result(before, Figure.MORTGAGE_INSURANCE).negate())
                .isEqualByComparingTo(number(after.get(Figure.MONTH_CHANGE), Name.INSURANCE_CHANGE));
        assertThat(before).doesNotContainKey(Figure.MONTH_CHANGE);
    }

    @Test
    void equityIsWhatTheHomeIsWorthLessWhatIsOwed() {
        Assumptions growing = new Assumptions(
                new YearlyChange(new BigDecimal("2")), AnnualRate.ofPercent("0"), Percent.ZERO, Optional.empty());
        OptionWorkings workings = new OptionWorkings(CaseEvaluator.evaluate(PLAIN, growing));
        Working atFirst = byFigure(workings.ofLine(0)).get(Figure.EQUITY);
        Working later = byFigure(workings.ofLine(24)).get(Figure.EQUITY);

        assertThat(workings.ofLine(0)).hasSize(1);
        assertThat(number(atFirst, Name.VALUE_THEN)).isEqualByComparingTo(decimal(Options.PRICE));
        // 251,300.00 × 1.02² = 261,452.52
        assertThat(number(later, Name.VALUE_THEN)).isEqualByComparingTo("261452.52");
        assertThat(value(later.result()).add(number(later, Name.BALANCE))).isEqualByComparingTo("261452.52");
    }

    @Test
    void theBalanceByFormulaStandsBesideAPlainLoans() {
        Working balance = of(PLAIN, 118).get(Figure.LINE_BALANCE);

        assertThat(number(balance, Name.BALANCE_BY_FORMULA)
                        .subtract(number(balance, Name.BALANCE_BEFORE))
                        .add(number(balance, Name.PRINCIPAL_OF_LINE))
                        .abs())
                .isLessThan(new BigDecimal("1"));
    }

    @Test
    void refusesALineThatIsNone() {
        OptionWorkings workings = new OptionWorkings(CaseEvaluator.evaluate(PLAIN));

        assertThatThrownBy(() -> workings.ofLine(301)).hasMessage("line: OUT_OF_RANGE 301, 1, 300");
        assertThatThrownBy(() -> workings.ofLine(-1)).isInstanceOf(CaseException.class);
    }

    @Provide
    Arbitrary<LoanTerms> loans() {
        return Loans.all();
    }

    private static long recalculatedAfter(LoanOption option, int line) {
        return number(of(option, line).get(Figure.LINE_PAYMENT), Name.RECALCULATED_AFTER_PAYMENT)
                .longValueExact();
    }

    private static Map<Figure, Working> of(LoanOption option, int line) {
        return byFigure(new OptionWorkings(CaseEvaluator.evaluate(option)).ofLine(line));
    }

    private static BigDecimal decimal(Money amount) {
        return amount.toDecimal();
    }
}
