package app.impendium.core.rate;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class AnnualPercentageRateTest {

    @ParameterizedTest
    @MethodSource("publishedExamples")
    void givesWhatTheRegulationPrints(GoldenCase published) {
        JsonNode input = published.input();
        String[] fraction = input.get("fraction").asString().split("/");
        UnitPeriods toFirst = new UnitPeriods(
                input.get("wholeUnitPeriodsToFirst").asInt(),
                fraction.length == 1 ? 0 : Double.parseDouble(fraction[0]) / Double.parseDouble(fraction[1]));
        Money payment = Money.ofCents(cents(input.get("payment")));

        BigDecimal rate = AnnualPercentageRate.of(
                List.of(now(Money.ofCents(cents(input.get("amountAdvanced"))))),
                level(payment, toFirst, input.get("payments").asInt()),
                input.get("unitPeriodsPerYear").asInt());

        assertThat(rate.setScale(2, RoundingMode.HALF_UP))
                .isEqualByComparingTo(published.expect().get("aprPercent").asString());
    }

    @Test
    void isTheLoansOwnRateWithoutCharges() {
        BigDecimal rate = AnnualPercentageRate.of(
                List.of(now(Money.of("1000.00"))),
                List.of(FlowRun.once(Money.of("1010.00"), UnitPeriods.whole(1))),
                12);

        assertThat(rate).isEqualByComparingTo("12");
    }

    @Test
    void takesPaymentsThatDiffer() {
        List<FlowRun> payments = List.of(
                FlowRun.once(Money.of("550.00"), UnitPeriods.whole(1)),
                FlowRun.once(Money.of("605.00"), UnitPeriods.whole(2)));

        assertThat(AnnualPercentageRate.of(List.of(now(Money.of("1000.00"))), payments, 1))
                .isEqualByComparingTo("10");
    }

    @Test
    void hasNoAnswerWherePaymentsDoNotRepay() {
        List<FlowRun> payments = List.of(FlowRun.once(Money.of("999.99"), UnitPeriods.whole(1)));

        assertThatThrownBy(() -> AnnualPercentageRate.of(List.of(now(Money.of("1000.00"))), payments, 12))
                .isInstanceOf(CaseException.class)
                .hasMessage("payments: NEVER_REPAID 999.99, 1000.00");
    }

    /** A run in closed form is worth what its flows are, one by one; also close to no interest at all. */
    @Property(tries = 200)
    void aRunIsWorthItsFlows(
            @ForAll @IntRange(min = 2, max = 600) int times,
            @ForAll @IntRange(min = 1, max = 30_000) int thousandthsMore,
            @ForAll @IntRange(min = 0, max = 29) int days) {
        Money advance = Money.of("250000.00");
        long each = advance.cents() / times + 1 + advance.cents() / times * thousandthsMore / 10_000;
        UnitPeriods toFirst = new UnitPeriods(1, days / 30.0);

        BigDecimal oneByOne =
                AnnualPercentageRate.of(List.of(now(advance)), level(Money.ofCents(each), toFirst, times), 12);
        BigDecimal asRun = AnnualPercentageRate.of(
                List.of(now(advance)), List.of(new FlowRun(Money.ofCents(each), toFirst, times)), 12);

        assertThat(asRun).isCloseTo(oneByOne, Offset.offset(new BigDecimal("0.000000001")));
    }

    private static FlowRun now(Money amount) {
        return FlowRun.once(amount, UnitPeriods.whole(0));
    }

    private static List<FlowRun> level(Money payment, UnitPeriods toFirst, int payments) {
        return IntStream.range(0, payments)
                .mapToObj(later -> FlowRun.once(payment, toFirst.plus(later)))
                .toList();
    }

    static Stream<GoldenCase> publishedExamples() {
        return GoldenCases.of("published").filter(golden -> golden.expect().has("aprPercent"));
    }
}
