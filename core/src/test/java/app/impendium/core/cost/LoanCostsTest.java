package app.impendium.core.cost;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualPercentageRate;
import app.impendium.core.rate.AnnualPercentageRate.Flow;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import app.impendium.core.rate.UnitPeriods;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class LoanCostsTest {

    @ParameterizedTest
    @MethodSource("buydowns")
    void buydownPaysTheDifferencesOutOfASubsidy(GoldenCase golden) {
        JsonNode input = golden.input();
        List<Percent> reductions = new ArrayList<>();
        input.get("reductionsPercent").forEach(cut -> reductions.add(Percent.of(cut.asString())));

        Buydown buydown = Buydown.of(monthly(input, input.get("termMonths").asInt()), reductions);

        List<Long> expected = new ArrayList<>();
        golden.expect().get("paymentByYear").forEach(payment -> expected.add(cents(payment)));
        assertThat(buydown.paymentByYear()).extracting(Money::cents).isEqualTo(expected);
        assertThat(buydown.subsidy().cents()).isEqualTo(cents(golden.expect().get("subsidy")));
    }

    @ParameterizedTest
    @MethodSource("annualPercentageRates")
    void annualPercentageRateCountsPrepaidCharges(GoldenCase golden) {
        JsonNode input = golden.input();
        Schedule schedule = Schedule.of(monthly(input, input.get("payments").asInt()));
        Money advanced = schedule.balanceAfter(0).minus(Money.ofCents(cents(input.get("prepaidFinanceCharge"))));
        List<Flow> payments = IntStream.rangeClosed(1, schedule.payments())
                .mapToObj(number -> new Flow(schedule.line(number).payment(), UnitPeriods.whole(number)))
                .toList();

        BigDecimal rate = AnnualPercentageRate.of(List.of(new Flow(advanced, UnitPeriods.whole(0))), payments, 12);

        assertThat(rate.setScale(6, RoundingMode.HALF_UP))
                .isEqualByComparingTo(golden.expect().get("aprPercent").asString());
    }

    @Test
    void fiveYearsAndTotalInterestAsInThePublishedSample() {
        GoldenCase sample = GoldenCases.of("published")
                .filter(golden -> golden.name().equals("official-sample-disclosure"))
                .findFirst()
                .orElseThrow();
        Schedule schedule = Schedule.of(monthly(sample.input(), 360));
        Money prepaid = Money.ofCents(cents(sample.input().get("prepaidInterest")));

        FiveYears fiveYears =
                FiveYears.of(schedule, PaymentFrequency.MONTHLY, Money.of("1000.00"), Money.of("50.00"), 72);

        assertThat(schedule.payment().cents()).isEqualTo(cents(sample.expect().get("payment")));
        assertThat(fiveYears.principalPaid().toDecimal().setScale(0, RoundingMode.HALF_UP))
                .isEqualByComparingTo(
                        sample.expect().get("principalPaidInFiveYearsRounded").asString());
        assertThat(fiveYears.paid()).isEqualTo(schedule.stretch(1, 60).paid().plus(Money.of("4000.00")));
        assertThat(FiveYears.totalInterestPercentage(schedule, prepaid).setScale(2, RoundingMode.HALF_UP))
                .isEqualByComparingTo(sample.expect()
                        .get("totalInterestPercentageWithPrepaidInterest")
                        .asString());
    }

    @Test
    void sellersCreditPaysNoMoreThanTheCostsItMayPay() {
        Money loan = Money.of("240000.00");
        ClosingCosts costs = new ClosingCosts(
                Percent.of("1.25"), Percent.of("0"), Money.of("2150.00"), Money.of("810.40"), Money.of("7500.00"));

        assertThat(costs.pointsPaid(loan)).isEqualTo(Money.of("3000.00"));
        assertThat(costs.sellerCreditUsed(loan)).isEqualTo(Money.of("5960.40"));
        assertThat(costs.sellerCreditUnused(loan)).isEqualTo(Money.of("1539.60"));
        assertThat(costs.cashToClose(Money.of("60000.00"), loan)).isEqualTo(Money.of("60000.00"));
    }

    @Test
    void lendersCreditLowersTheCashToClose() {
        ClosingCosts costs = new ClosingCosts(
                Percent.of("0"), Percent.of("0.5"), Money.of("2150.00"), Money.ZERO, Money.of("150.00"));

        assertThat(costs.cashToClose(Money.of("60000.00"), Money.of("240000.00")))
                .isEqualTo(Money.of("60800.00"));
    }

    @Test
    void refusesWhatCannotBe() {
        assertThatThrownBy(() -> new ClosingCosts(Percent.of("1"), Percent.of("1"), Money.ZERO, Money.ZERO, Money.ZERO))
                .hasMessageContaining("only one of them can be");
        assertThatThrownBy(() ->
                        new ClosingCosts(Percent.of("11"), Percent.of("0"), Money.of("-0.01"), Money.ZERO, Money.ZERO))
                .hasMessage("11 % is not allowed here, only 0 % to 10 %. "
                        + "-0.01 is not allowed here, only 0.00 to 999,999,999.99.");
        LoanTerms terms = LoanTerms.plain(
                Money.of("100000.00"),
                PeriodicRate.of(AnnualRate.ofPercent("2"), Compounding.MONTHLY, PaymentFrequency.MONTHLY),
                360,
                PaymentRounding.NEAREST_CENT);
        assertThatThrownBy(() -> Buydown.of(terms, List.of(Percent.of("2.5"))))
                .hasMessage("2.5 % is not allowed here, only up to the rate of 2 %.");
        assertThatThrownBy(() -> Buydown.of(terms, List.of())).hasMessageContaining("1 to 3 years");
    }

    private static LoanTerms monthly(JsonNode input, int payments) {
        return LoanTerms.plain(
                Money.ofCents(cents(input.get("amount"))),
                PeriodicRate.of(
                        AnnualRate.ofPercent(input.get("ratePercent").asString()),
                        Compounding.MONTHLY,
                        PaymentFrequency.MONTHLY),
                payments,
                PaymentRounding.NEAREST_CENT);
    }

    static Stream<GoldenCase> buydowns() {
        return GoldenCases.of("buydown");
    }

    static Stream<GoldenCase> annualPercentageRates() {
        return GoldenCases.of("apr");
    }
}
