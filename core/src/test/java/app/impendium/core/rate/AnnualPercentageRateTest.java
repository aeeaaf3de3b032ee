package app.impendium.core.rate;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualPercentageRate.Flow;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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
                List.of(now(Money.of("1000.00"))), List.of(new Flow(Money.of("1010.00"), UnitPeriods.whole(1))), 12);

        assertThat(rate).isEqualByComparingTo("12");
    }

    @Test
    void takesPaymentsThatDiffer() {
        List<Flow> payments = List.of(
                new Flow(Money.of("550.00"), UnitPeriods.whole(1)), new Flow(Money.of("605.00"), UnitPeriods.whole(2)));

        assertThat(AnnualPercentageRate.of(List.of(now(Money.of("1000.00"))), payments, 1))
                .isEqualByComparingTo("10");
    }

    @Test
    void hasNoAnswerWherePaymentsDoNotRepay() {
        List<Flow> payments = List.of(new Flow(Money.of("999.99"), UnitPeriods.whole(1)));

        assertThatThrownBy(() -> AnnualPercentageRate.of(List.of(now(Money.of("1000.00"))), payments, 12))
                .isInstanceOf(CaseException.class)
                .hasMessage("There is no rate: the payments of 999.99 do not repay the 1,000.00 advanced.");
    }

    private static Flow now(Money amount) {
        return new Flow(amount, UnitPeriods.whole(0));
    }

    private static List<Flow> level(Money payment, UnitPeriods toFirst, int payments) {
        return IntStream.range(0, payments)
                .mapToObj(later -> new Flow(payment, toFirst.plus(later)))
                .toList();
    }

    static Stream<GoldenCase> publishedExamples() {
        return GoldenCases.of("published").filter(golden -> golden.expect().has("aprPercent"));
    }
}
