package app.impendium.core.working;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.core.GoldenOptions;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.OptionWorkings;
import app.impendium.core.RandomOptions;
import app.impendium.core.compare.RateLadder;
import app.impendium.core.finding.CaseException;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A rule's arithmetic, on the numbers that its working names, gives the figure that it explains. */
public class RuleTest {
    /** Amounts are computed to far more decimals; an error beyond this one must not hide a true half cent. */
    private static final int SETTLED_DECIMALS = 25;

    private static final BigDecimal LOOKED_UP_ERROR = new BigDecimal("1e-10");

    /** What no arithmetic on the working's own numbers gives: what is given, looked up in the schedule, or searched for. */
    private static final Set<Rule> IN_WORDS = EnumSet.of(
            Rule.DOWN_AMOUNT,
            Rule.CUSTOM_PAYMENT,
            Rule.GIVEN_MONTHLY,
            Rule.NUMBER_OF_PAYMENTS,
            Rule.PAYOFF_DATE,
            Rule.MORE_PRINCIPAL_FROM,
            Rule.HALF_REPAID_ON,
            Rule.BALANCE_OF_LINE,
            Rule.INSURANCE_ON_REQUEST,
            Rule.INSURANCE_END,
            Rule.ACTUARIAL_METHOD,
            Rule.EFFECTIVE_RATE_OF_FLOWS,
            Rule.COMPARISON_RATE,
            Rule.EXTRAS_OF_RANGE,
            Rule.KEPT_WORTH,
            Rule.STAYS_FROM,
            Rule.PAYBACK,
            Rule.SOLVED_LARGEST,
            Rule.SOLVED_SMALLEST);

    @Test
    void isArithmeticUnlessItIsListedAsNone() {
        assertThat(Rule.values())
                .allSatisfy(rule -> assertThat(rule.expression().isEmpty()).isEqualTo(IN_WORDS.contains(rule)));
    }

    @Test
    void isPrintedInSymbols() {
        assertThat(Rule.LEVEL_PAYMENT.formula()).isEqualTo("P = (L − B × v) × i / (1 − v), v = 1 / (1 + i)^n");
        assertThat(Rule.RATE_CONVERTED.formula()).isEqualTo("i = (1 + j / m)^(m / p) − 1");
        assertThat(Rule.EQUITY.formula()).isEqualTo("value × (1 + change)^(k / p) − balance");
        assertThat(Rule.COST_OF_BORROWING.formula()).isEqualTo("C / (T × average balance)");
        assertThat(Rule.EXTRA_UP_TO_BALANCE.formula()).isEqualTo("the lesser of Σ extras agreed and balance");
        assertThat(Rule.CASH_TO_CLOSE.formula()).isEqualTo("down payment + Σ costs − (Σ credits)");
    }

    @ParameterizedTest
    @MethodSource("wholeOptions")
    void explainsTheFiguresOfTheGoldenOptions(GoldenCase golden) {
        assertExplains(GoldenOptions.of(golden.input()));
    }

    @Property(tries = 200)
    void explainsTheFiguresOfAnyOption(@ForAll("options") LoanOption option) {
        try {
            CaseEvaluator.evaluate(option);
        } catch (CaseException noFigures) {
            return;
        }
        assertExplains(option);
    }

    private static void assertExplains(LoanOption option) {
        workingsOf(CaseEvaluator.evaluate(option)).forEach(RuleTest::assertGivesItsFigure);
    }

    /** Every working that an option has as a whole, of three lines and a range, and at another rate. */
    private static List<Working> workingsOf(OptionEvaluation figures) {
        OptionWorkings workings = new OptionWorkings(figures);
        int payments = figures.loan().schedule().payments();
        List<Working> all = new ArrayList<>(workings.whole());
        for (int line : new int[] {0, 1, (payments + 2) / 3, payments}) {
            all.addAll(workings.ofLine(line));
        }
        Stream.of(Compounding.values()).forEach(stated -> all.addAll(workings.ofRateRestated(stated)));
        all.addAll(workings.ofRange((payments + 1) / 2, payments));
        try {
            all.addAll(OptionWorkings.atRate(
                    AnnualRate.ofPercent("3.5"), RateLadder.of(figures.loan().terms())));
        } catch (CaseException noFiguresThere) {
            // A loan need not have figures at every rate.
        }
        return all;
    }

    /** Whether a working's rule gives its figure: to the cent where it is an amount. */
    public static void assertGivesItsFigure(Working working) {
        if (working.rule().expression().isEmpty()) {
            return;
        }
        BigDecimal value = working.rule().expression().get().evaluate(name -> numbers(working, name));
        Quantity.Measured result = (Quantity.Measured) working.result();
        if (result.unit() == Quantity.Unit.AMOUNT) {
            assertThat(rounded(value, working.rounding()))
                    .as("%s of %s", working.rule(), working)
                    .isEqualByComparingTo(result.value());
        } else {
            assertThat(value.subtract(share(result)).abs())
                    .as("%s of %s", working.rule(), working)
                    .isLessThan(LOOKED_UP_ERROR);
        }
    }

    private static BigDecimal rounded(BigDecimal value, Rounding rounding) {
        BigDecimal settled = value.setScale(SETTLED_DECIMALS, RoundingMode.HALF_EVEN);
        return rounding == Rounding.UP_TO_CENT
                ? settled.setScale(2, RoundingMode.CEILING)
                : settled.setScale(2, RoundingMode.HALF_UP);
    }

    private static List<BigDecimal> numbers(Working working, Name name) {
        return Stream.concat(working.inputs().stream(), working.steps().stream())
                .filter(quantity -> quantity.name() == name)
                .map(quantity -> share((Quantity.Measured) quantity))
                .toList();
    }

    private static BigDecimal share(Quantity.Measured number) {
        return number.unit() == Quantity.Unit.PERCENT ? number.value().movePointLeft(2) : number.value();
    }

    static Stream<GoldenCase> wholeOptions() {
        return GoldenCases.of("whole_option");
    }

    @Provide
    Arbitrary<LoanOption> options() {
        return RandomOptions.all();
    }
}
