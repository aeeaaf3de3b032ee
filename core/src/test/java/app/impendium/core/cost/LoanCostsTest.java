package app.impendium.core.cost;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.core.cost.ClosingItem.Kind;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualPercentageRate;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.FlowRun;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import app.impendium.core.rate.UnitPeriods;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class LoanCostsTest {
    private static final Financing SIXTY_THOUSAND_DOWN = new Financing.Purchase(
            Money.of("300000.00"), new DownPayment.Amount(Money.of("60000.00")), Optional.empty());

    @ParameterizedTest
    @MethodSource("buydowns")
    void buydownPaysTheDifferencesOutOfASubsidy(GoldenCase golden) {
        JsonNode input = golden.input();
        List<Percent> reductions = new ArrayList<>();
        input.get("reductionsPercent").forEach(cut -> reductions.add(Percent.of(cut.asString())));

        LoanTerms terms = monthly(input, input.get("termMonths").asInt());
        Buydown buydown = Buydown.of(terms, Schedule.of(terms), new BuydownTerms(reductions, Payer.SELLER));

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
        List<FlowRun> payments = IntStream.rangeClosed(1, schedule.payments())
                .mapToObj(number -> FlowRun.once(schedule.line(number).payment(), UnitPeriods.whole(number)))
                .toList();

        BigDecimal rate = AnnualPercentageRate.of(List.of(FlowRun.once(advanced, UnitPeriods.whole(0))), payments, 12);

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

        MortgageInsurance insurance = new MortgageInsurance(Money.of("50.00"), Money.of("50.00"), 70, 73);

        PaymentDates dates = new PaymentDates(LocalDate.of(2027, 3, 1), PaymentFrequency.MONTHLY);
        DisclosureBasis loan = new DisclosureBasis(
                schedule, dates, Optional.empty(), Money.ZERO, Money.ZERO, Optional.of(insurance), schedule.payments());

        FiveYears fiveYears = FiveYears.of(loan, Money.of("1000.00"));

        assertThat(schedule.payment().cents()).isEqualTo(cents(sample.expect().get("payment")));
        assertThat(fiveYears.principal().toDecimal().setScale(0, RoundingMode.HALF_UP))
                .isEqualByComparingTo(
                        sample.expect().get("principalPaidInFiveYearsRounded").asString());
        assertThat(fiveYears.paid()).isEqualTo(schedule.range(1, 60).paid().plus(Money.of("4000.00")));
        assertThat(FiveYears.totalInterestPercentage(schedule, prepaid).setScale(2, RoundingMode.HALF_UP))
                .isEqualByComparingTo(sample.expect()
                        .get("totalInterestPercentageWithPrepaidInterest")
                        .asString());
    }

    @Test
    void sellersCreditPaysNoMoreThanTheCostsItMayPay() {
        ClosingCosts costs = costs("1.25", "0", "2150.00", "810.40", "7500.00");

        CashToClose cash = CashToClose.of(
                costs, Money.of("240000.00"), SIXTY_THOUSAND_DOWN, Money.ZERO, Money.of("500.00"), List.of());

        assertThat(cash.cost(Kind.POINTS)).isEqualTo(Money.of("3000.00"));
        assertThat(cash.sellerCreditUsed()).isEqualTo(Money.of("6460.40"));
        assertThat(cash.sellerCreditUnused()).isEqualTo(Money.of("1039.60"));
        assertThat(cash.total()).isEqualTo(Money.of("60000.00"));
    }

    @Test
    void lendersCreditLowersTheCashToClose() {
        ClosingCosts costs = costs("0", "0.5", "2150.00", "0.00", "150.00");

        CashToClose cash = CashToClose.of(
                costs, Money.of("240000.00"), SIXTY_THOUSAND_DOWN, Money.of("70.00"), Money.ZERO, List.of());

        assertThat(cash.total()).isEqualTo(Money.of("60870.00"));
        assertThat(costs.prepaidFinanceCharge(Money.of("240000.00"))).isEqualTo(Money.of("2150.00"));
    }

    @Test
    void whatOthersPayIsNoCashOfTheClientAndNoCharge() {
        Money loan = Money.of("240000.00");
        ClosingAmount onePoint = new ClosingAmount.ShareOfLoan(Percent.of("1"));
        ClosingCosts costs = new ClosingCosts(List.of(
                new ClosingItem(Kind.POINTS, onePoint, Payer.SELLER),
                new ClosingItem(Kind.LOAN_FEE, new ClosingAmount.Fixed(Money.of("900.00")), Payer.LENDER),
                ClosingItem.of(Kind.LOAN_FEE, Money.of("350.00")),
                ClosingItem.of(Kind.LOAN_FEE, Money.of("125.50"))));

        CashToClose cash = CashToClose.of(costs, loan, SIXTY_THOUSAND_DOWN, Money.ZERO, Money.ZERO, List.of());

        assertThat(cash.costs()).containsExactly(new CashToClose.Cost(Kind.LOAN_FEE, Money.of("475.50")));
        assertThat(cash.total()).isEqualTo(Money.of("60475.50"));
        assertThat(costs.prepaidFinanceCharge(loan)).isEqualTo(Money.of("475.50"));
    }

    @Test
    void anUpfrontPremiumIsFinancedOrPaid() {
        UpfrontPremium financed = new UpfrontPremium(Percent.of("1.75"), true);
        UpfrontPremium paid = new UpfrontPremium(Percent.of("1.75"), false);
        Money base = Money.of("213605.00");

        assertThat(financed.addedToLoan(base)).isEqualTo(Money.of("3738.09"));
        assertThat(financed.paidAtClosing(base)).isEqualTo(Money.ZERO);
        assertThat(paid.addedToLoan(base)).isEqualTo(Money.ZERO);
        assertThat(paid.paidAtClosing(base)).isEqualTo(financed.addedToLoan(base));
        assertThatThrownBy(() -> new UpfrontPremium(Percent.of("10.1"), true))
                .hasMessage("closing.upfrontPremium.percent: OUT_OF_RANGE 10.1 %, 0 %, 10 %");
    }

    @Test
    void refusesWhatCannotBe() {
        assertThatThrownBy(() -> costs("1", "1", "0.00", "0.00", "0.00"))
                .hasMessage("closing.items[1]: CREDIT_BESIDE_POINTS");
        assertThatThrownBy(() -> costs("11", "0", "0.00", "0.00", "0.00"))
                .hasMessage("percent: OUT_OF_RANGE 11 %, 0 %, 10 %");
        assertThatThrownBy(() -> costs("0", "0", "-0.01", "0.00", "0.00"))
                .hasMessage("cents: OUT_OF_RANGE -0.01, 0.00, 999999999.99");
        ClosingAmount credit = new ClosingAmount.Fixed(Money.of("1.00"));
        assertThatThrownBy(() -> new ClosingItem(Kind.SELLER_CREDIT, credit, Payer.LENDER))
                .hasMessage("paidBy: PAYER_OF_CREDIT LENDER");
        LoanTerms terms = loan(LoanFeatures.NONE);
        Schedule schedule = Schedule.of(terms);
        assertThatThrownBy(() -> Buydown.of(terms, schedule, cuts("2.5")))
                .hasMessage("features.buydown.reductionsPercent[0]: REDUCTION_ABOVE_RATE 2.5 %, 2 %");
        assertThatThrownBy(() -> cuts()).hasMessageContaining("OUT_OF_RANGE 0, 1, 3");
    }

    @Test
    void buysDownOnlyYearsAtTheLevelPayment() {
        LoanTerms interestOnly = loan(LoanFeatures.NONE.withInterestOnly(12));
        Schedule schedule = Schedule.of(interestOnly);

        assertThatThrownBy(() -> Buydown.of(interestOnly, schedule, cuts("1", "0.5")))
                .hasMessageContaining("BUYDOWN_OF_OTHER_PAYMENT 24, ")
                .hasMessageEndingWith(", 1");
    }

    private static LoanTerms loan(LoanFeatures features) {
        return new LoanTerms(
                Money.of("100000.00"),
                PeriodicRate.of(AnnualRate.ofPercent("2"), Compounding.MONTHLY, PaymentFrequency.MONTHLY),
                360,
                PaymentRounding.NEAREST_CENT,
                features);
    }

    private static BuydownTerms cuts(String... points) {
        return new BuydownTerms(Stream.of(points).map(Percent::of).toList(), Payer.BUYER);
    }

    private static ClosingCosts costs(String points, String credit, String fees, String prepaid, String seller) {
        return new ClosingCosts(List.of(
                new ClosingItem(Kind.POINTS, new ClosingAmount.ShareOfLoan(Percent.of(points)), Payer.BUYER),
                new ClosingItem(Kind.LENDER_CREDIT, new ClosingAmount.ShareOfLoan(Percent.of(credit)), Payer.BUYER),
                ClosingItem.of(Kind.LOAN_FEE, Money.of(fees)),
                ClosingItem.of(Kind.PREPAID_ITEM, Money.of(prepaid)),
                ClosingItem.of(Kind.SELLER_CREDIT, Money.of(seller))));
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
