package app.impendium.core;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.core.cost.CashToClose;
import app.impendium.core.cost.ClosingItem.Kind;
import app.impendium.core.cost.HousingCost;
import app.impendium.core.cost.HousingPeriod;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Whole options of awkward kinds: every figure to the cent, rates to the ninth decimal. */
class WholeOptionTest {

    @ParameterizedTest
    @MethodSource("goldenCases")
    void everyFigureHolds(GoldenCase golden) {
        OptionEvaluation figures = CaseEvaluator.evaluate(GoldenOptions.of(golden.input()));
        JsonNode expect = golden.expect();

        assertThat(amounts(figures))
                .allSatisfy((name, amount) -> assertThat(amount.cents())
                        .as(name)
                        .isEqualTo(expect.get(name).asLong()));
        assertThat(percents(figures))
                .allSatisfy((name, percent) -> assertThat(nine(percent))
                        .as(name)
                        .isEqualByComparingTo(nine(expect.get(name).decimalValue())));
        assertThat(figures.loan().schedule().payments())
                .isEqualTo(expect.get("payments").asInt());
        assertThat(figures.loan().payoffDate())
                .isEqualTo(expect.get("payoffDate").asString());
        assertThat(figures.loan().dates().first())
                .isEqualTo(expect.get("firstPaymentDate").asString());
        assertMonths(figures, expect);
        assertInsurance(figures, expect.path("insurance"));
        assertCash(figures.cashToClose(), expect.get("cashToClose"));
        assertThat(figures.disclosure().fiveYears().paid().cents())
                .isEqualTo(expect.get("fiveYears").get("paidCents").asLong());
        assertThat(figures.disclosure().fiveYears().principal().cents())
                .isEqualTo(expect.get("fiveYears").get("principalCents").asLong());
        figures.loan()
                .buydown()
                .ifPresent(buydown -> assertThat(buydown.subsidy().cents())
                        .isEqualTo(expect.get("buydown").get("subsidyCents").asLong()));
    }

    private static Map<String, Money> amounts(OptionEvaluation figures) {
        Schedule schedule = figures.loan().schedule();
        Map<String, Money> amounts = new LinkedHashMap<>();
        amounts.put("loanCents", figures.loan().amount());
        amounts.put("baseLoanCents", figures.loan().base());
        amounts.put("paymentCents", schedule.payment());
        amounts.put("lastPaymentCents", schedule.lastPayment());
        amounts.put("totalInterestCents", schedule.whole().interest());
        amounts.put("totalPaidCents", schedule.whole().paid());
        amounts.put("toLenderCents", figures.monthlyCost().firstToLender());
        figures.option()
                .financing()
                .price()
                .ifPresent(price ->
                        amounts.put("downCents", figures.option().financing().amountDown()));
        return amounts;
    }

    private static Map<String, BigDecimal> percents(OptionEvaluation figures) {
        Map<String, BigDecimal> percents = new LinkedHashMap<>();
        percents.put("periodicRatePercent", figures.loan().periodicRatePercent());
        percents.put("effectiveRatePercent", figures.loan().effectiveRatePercent());
        percents.put(
                "annualPercentageRate", figures.disclosure().creditCostRate().orElseThrow());
        percents.put("totalInterestPercentage", figures.disclosure().totalInterestPercentage());
        figures.option().financing().percentDown().ifPresent(share -> percents.put("downPercent", share));
        figures.option().financing().loanToValuePercent().ifPresent(share -> percents.put("loanToValuePercent", share));
        return percents;
    }

    private static void assertMonths(OptionEvaluation figures, JsonNode expect) {
        assertMonth(figures.monthlyCost().first(), expect.get("housingCost"));
        JsonNode periods = expect.get("housingPeriods");
        assertThat(figures.monthlyCost().periods()).hasSize(periods.size());
        for (int i = 0; i < periods.size(); i++) {
            HousingPeriod period = figures.monthlyCost().periods().get(i);
            assertThat(period.fromPayment())
                    .isEqualTo(periods.get(i).get("fromPayment").asInt());
            assertMonth(period.cost(), periods.get(i).get("cost"));
        }
    }

    private static void assertMonth(HousingCost month, JsonNode expect) {
        assertThat(month.principalAndInterest().cents())
                .isEqualTo(expect.get("principalAndInterestCents").asLong());
        assertThat(month.propertyTax().cents())
                .isEqualTo(expect.get("propertyTaxCents").asLong());
        assertThat(month.homeInsurance().cents())
                .isEqualTo(expect.get("homeInsuranceCents").asLong());
        assertThat(month.mortgageInsurance().cents())
                .isEqualTo(expect.get("mortgageInsuranceCents").asLong());
        assertThat(month.total().cents()).isEqualTo(expect.get("totalCents").asLong());
    }

    private static void assertInsurance(OptionEvaluation figures, JsonNode expect) {
        assertThat(figures.monthlyCost().insurance().isPresent()).isEqualTo(expect.isObject());
        Optional<MortgageInsurance> due = figures.monthlyCost().insurance();
        due.ifPresent(insurance -> {
            assertThat(insurance.monthlyPremium().cents())
                    .isEqualTo(expect.get("monthlyCents").asLong());
            assertThat(insurance.endsOnRequestAtPayment())
                    .isEqualTo(expect.get("onRequestFromPayment").asInt());
            assertThat(insurance.endsAtPayment())
                    .isEqualTo(expect.get("endsFromPayment").asInt());
            assertThat(figures.disclosure().basis().premiums().cents())
                    .isEqualTo(expect.get("premiumsCents").asLong());
        });
    }

    private static void assertCash(CashToClose cash, JsonNode expect) {
        assertThat(cash.cost(Kind.POINTS).cents())
                .isEqualTo(expect.get("pointsCents").asLong());
        assertThat(cash.cost(Kind.PREPAID_INTEREST)
                        .plus(cash.cost(Kind.PREPAID_ITEM))
                        .cents())
                .isEqualTo(expect.get("prepaidCents").asLong());
        assertThat(cash.upfrontPremium().cents())
                .isEqualTo(expect.get("upfrontPremiumCents").asLong());
        assertThat(cash.lenderCredit().cents())
                .isEqualTo(expect.get("lenderCreditCents").asLong());
        assertThat(cash.buydownSubsidy().cents())
                .isEqualTo(expect.get("buydownSubsidyCents").asLong());
        assertThat(cash.sellerCreditUsed().cents())
                .isEqualTo(expect.get("sellerCreditUsedCents").asLong());
        assertThat(cash.sellerCreditUnused().cents())
                .isEqualTo(expect.get("sellerCreditUnusedCents").asLong());
        assertThat(cash.total().cents()).isEqualTo(expect.get("totalCents").asLong());
    }

    private static BigDecimal nine(BigDecimal percent) {
        return percent.setScale(9, RoundingMode.HALF_UP);
    }

    static Stream<GoldenCase> goldenCases() {
        return GoldenCases.of("whole_option");
    }
}
