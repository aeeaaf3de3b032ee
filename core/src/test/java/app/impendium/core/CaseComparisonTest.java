package app.impendium.core;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.core.compare.CheapestRun;
import app.impendium.core.cost.ClosingAmount;
import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.ClosingItem;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.Payer;
import app.impendium.core.cost.UpfrontPremium;
import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.PresentPayment;
import app.impendium.core.loan.RunningDebt;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.YearlyChange;
import app.impendium.core.working.RuleTest;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class CaseComparisonTest {
    private static final Optional<PresentPayment> PAID_TODAY =
            Optional.of(new PresentPayment(Money.of("600.00"), PaymentFrequency.BIWEEKLY));
    private static final LoanOption THIRTY_YEARS = Options.purchase("10", PaymentFrequency.MONTHLY, 360);

    @ParameterizedTest
    @MethodSource("refinancings")
    void comparesRefinancingWithStaying(GoldenCase golden) {
        CaseComparison comparison = compared(Assumptions.NONE, Refinancings.of(golden.input()));

        JsonNode expected = golden.expect();
        CaseComparison.Kept refinanced = comparison.kept(1);
        CaseComparison.Payback payback = refinanced.payback().orElseThrow();
        assertThat(comparison.costs().moved(1).terms().amount()).isEqualTo(money(expected.get("newAmount")));
        assertThat(refinanced.month()).isEqualTo(money(expected.get("newPayment")));
        assertThat(comparison.kept(0).month()).isEqualTo(money(expected.get("monthlyBefore")));
        assertThat(payback.monthlySaving()).isEqualTo(money(expected.get("monthlySaving")));
        assertThat(payback.months().stream().boxed().map(Long::intValue).findFirst())
                .isEqualTo(number(expected.get("simplePaybackMonths")));
        expected.get("costs").forEach(costs -> {
            int months = costs.get("months").asInt();
            assertThat(comparison.costs().cost(0).after(months))
                    .as("staying %s months", months)
                    .isEqualTo(money(costs.get("staying")));
            assertThat(comparison.costs().cost(1).after(months))
                    .as("refinanced for %s months", months)
                    .isEqualTo(money(costs.get("refinancing")));
        });
        assertThat(boxed(comparison.costs().leadOverBaseline(1).staysFrom()))
                .isEqualTo(number(expected.get("refinancingAtOrUnderFromMonth")));
        List<CheapestRun> runs = new ArrayList<>();
        expected.get("cheapest")
                .forEach(run -> runs.add(new CheapestRun(
                        run.get("fromMonth").asInt(),
                        run.get("toMonth").asInt(),
                        run.get("option").asString().equals("staying") ? 0 : 1)));
        assertThat(comparison.costs().cheapest()).isEqualTo(runs);
        assertThat(comparison.costs().horizonMonths())
                .isEqualTo(runs.get(runs.size() - 1).toMonth());
    }

    static Stream<GoldenCase> refinancings() {
        return GoldenCases.of("refinance");
    }

    @Test
    void countsADebtForEveryOptionThatGoesOnPayingIt() {
        RunningDebt car = debt("car", "9000.00", "300.00");
        RunningDebt boat = debt("boat", "5000.00", "120.00");
        List<LoanOption> options = List.of(
                THIRTY_YEARS, refinancing(List.of(car, boat)), refinancing(List.of(boat)), refinancing(List.of()));
        CaseComparison comparison = compared(Assumptions.NONE, options);
        Money plain = CaseEvaluator.evaluate(THIRTY_YEARS).monthlyCost().first().total();

        assertThat(comparison.kept(0).month()).isEqualTo(plain.plus(Money.of("420.00")));
        assertThat(comparison.costs().moved(1).debtsBeside()).isEmpty();
        assertThat(comparison.costs().moved(2).debtsBeside())
                .singleElement()
                .satisfies(beside -> assertThat(beside.balanceAfter(0)).isEqualTo(car.balance()));
        assertThat(comparison.costs().moved(3).debtsBeside()).hasSize(2);
        assertThat(comparison.costs().moved(3).owedOnDebtsAfter(1)).isLessThan(Money.of("14000.00"));
    }

    @Test
    void aDebtPaidOffInCashIsBroughtToClosingAndNoLongerPaid() {
        RunningDebt car = debt("car", "9000.00", "300.00");
        Closing closing = THIRTY_YEARS.closing();
        LoanOption paidOff = THIRTY_YEARS.withClosing(
                new Closing(closing.day(), closing.costs(), closing.upfrontPremium(), closing.buydown(), List.of(car)));
        CaseComparison comparison = compared(Assumptions.NONE, List.of(THIRTY_YEARS, paidOff));

        assertThat(comparison.kept(0).month().minus(comparison.kept(1).month())).isEqualTo(Money.of("300.00"));
        assertThat(comparison.costs().moved(1).cashToClose())
                .isEqualTo(comparison.costs().moved(0).cashToClose().plus(car.balance()));
        assertThat(comparison.kept(0).cost()).isGreaterThan(comparison.kept(1).cost());
    }

    @Test
    void aSavingPaysBackAtOnceWithoutCostsAndLateWhereItIsTiny() {
        assertThat(CaseComparison.Payback.of(Money.of("-200.00"), Money.of("10.00"))
                        .months())
                .hasValue(0);
        assertThat(CaseComparison.Payback.of(Money.of("30.01"), Money.of("10.00"))
                        .months())
                .hasValue(4);
        assertThat(CaseComparison.Payback.of(Money.LARGEST, Money.of("0.01")).months())
                .hasValue(99_999_999_999L);
        assertThat(CaseComparison.Payback.of(Money.of("30.00"), Money.ZERO).months())
                .isEmpty();
    }

    @Test
    void pointsPayBackByWhatTheySaveAMonth() {
        ClosingCosts onePoint = new ClosingCosts(List.of(
                new ClosingItem(ClosingItem.Kind.POINTS, new ClosingAmount.ShareOfLoan(Percent.of("1")), Payer.BUYER)));
        LoanOption bought = THIRTY_YEARS
                .withRate(AnnualRate.ofPercent("5.5"))
                .withClosing(new Closing(Optional.empty(), onePoint, UpfrontPremium.NONE, Optional.empty(), List.of()));
        LoanOption base = THIRTY_YEARS.withClosing(Closing.PLAIN);

        CaseComparison.Payback payback = compared(Assumptions.NONE, List.of(base, bought))
                .kept(1)
                .payback()
                .orElseThrow();

        assertThat(payback.costs()).isEqualTo(Money.of("2261.70"));
        assertThat(payback.months())
                .hasValue((226_170 + payback.monthlySaving().cents() - 1)
                        / payback.monthlySaving().cents());
        assertThat(compared(Assumptions.NONE, List.of(bought, base)).kept(1).payback())
                .isEmpty();
    }

    @Test
    void financesCostsThatAreAShareOfTheLoanThatPaysForThem() {
        ClosingCosts costs = new ClosingCosts(List.of(
                new ClosingItem(ClosingItem.Kind.POINTS, new ClosingAmount.ShareOfLoan(Percent.of("1.5")), Payer.BUYER),
                ClosingItem.of(ClosingItem.Kind.PREPAYMENT_CHARGE, Money.of("1234.56"))));
        Financing.Refinancing financed = Financing.Refinancing.of(
                        Money.of("180000.00"), List.of(), Money.ZERO, Optional.of(Money.of("310000.00")))
                .financing(costs, UpfrontPremium.NONE);

        assertThat(financed.loanAmount())
                .isEqualTo(Money.of("180000.00").plus(costs.netOf(financed.loanAmount())))
                .isEqualTo(Money.of("183994.48"));
        assertThat(financed.loanToValuePercent()).isPresent();
    }

    @Test
    void financesCostsOfTheWholeLoanWhereAPremiumIsAddedToIt() {
        ClosingCosts costs = new ClosingCosts(List.of(
                new ClosingItem(ClosingItem.Kind.POINTS, new ClosingAmount.ShareOfLoan(Percent.of("1")), Payer.BUYER),
                ClosingItem.of(ClosingItem.Kind.PREPAID_INTEREST, Money.of("123.45"))));
        UpfrontPremium premium = UpfrontPremium.of(new BigDecimal("1.75"), true);
        Financing financed = Financing.Refinancing.of(Money.of("200000.00"), List.of(), Money.ZERO, Optional.empty())
                .financing(costs, premium);
        LoanOption option = THIRTY_YEARS
                .withFinancing(financed)
                .withClosing(new Closing(Optional.empty(), costs, premium, Optional.empty(), List.of()));
        OptionEvaluation evaluation = new OptionEvaluation(option, Assumptions.NONE);

        assertThat(evaluation.loan().amount()).isEqualTo(Money.of("205718.80"));
        assertThat(evaluation.cashToClose().total()).isEqualTo(Money.ZERO);
    }

    @Test
    void tellsWhatIsNotOfTheSameHome() {
        Financing dearer = new Financing.Purchase(
                THIRTY_YEARS.price().plus(Money.of("40000.00")),
                new DownPayment.Share(Percent.of("10")),
                Optional.empty());
        LoanOption other = THIRTY_YEARS.withFinancing(dearer);
        LoanOption insured = THIRTY_YEARS.withHousing(THIRTY_YEARS.housing().withHomeInsurance(Money.of("9600.00")));
        LoanOption loanOnly = THIRTY_YEARS.withFinancing(new Financing.LoanOnly(Money.of("100000.00")));

        assertThat(differences(THIRTY_YEARS, THIRTY_YEARS.withRate(AnnualRate.ofPercent("4"))))
                .isEmpty();
        // The tax is the same share of another price.
        assertThat(differences(THIRTY_YEARS, other)).containsExactly(HomeDifference.Part.PRICE);
        assertThat(differences(THIRTY_YEARS, insured)).containsExactly(HomeDifference.Part.HOME_INSURANCE);
        assertThat(differences(THIRTY_YEARS, loanOnly)).containsExactly(HomeDifference.Part.PROPERTY_TAX);
    }

    private static List<HomeDifference.Part> differences(LoanOption... options) {
        return compared(Assumptions.NONE, List.of(options)).homeDifferences().stream()
                .map(HomeDifference::part)
                .toList();
    }

    @Test
    void aDebtWhosePaymentDoesNotCoverItsInterestIsRefused() {
        assertThatThrownBy(() -> debt("card", "9000.00", "50.00"))
                .isInstanceOf(CaseException.class)
                .hasMessageContaining("paymentCents: PAYMENT_BELOW_INTEREST 50.00, 52.50, 1");
        assertThatThrownBy(() -> debt("card", "0.00", "0.00"))
                .hasMessageContaining("balanceCents: OUT_OF_RANGE")
                .hasMessageContaining("paymentCents: OUT_OF_RANGE");
    }

    @Test
    void takesTheLoanToBeKeptForSevenYearsWhereNothingIsSaid() {
        CaseComparison usual = compared(Assumptions.NONE, List.of(THIRTY_YEARS));
        CaseComparison longer = compared(keptFor(420), List.of(THIRTY_YEARS));

        assertThat(usual.keptMonths()).isEqualTo(84);
        assertThat(usual.kept(0).balance())
                .isEqualTo(usual.costs().moved(0).schedule().balanceAfter(84));
        // 600.00 every two weeks are 1,300.00 a month.
        assertThat(usual.kept(0).changeFromToday())
                .hasValue(usual.costs().moved(0).schedule().payment().minus(Money.of("1300.00")));
        assertThat(longer.costs().horizonMonths()).isEqualTo(360);
        assertThat(longer.kept(0).balance()).isEqualTo(Money.ZERO);
        assertThat(longer.kept(0).cost()).isEqualTo(longer.costs().cost(0).after(360));
    }

    @Test
    void everyFigureOfAKeptOptionIsExplained() {
        List<LoanOption> options = List.of(
                THIRTY_YEARS,
                Options.purchase("25", PaymentFrequency.WEEKLY, 240),
                refinancing(List.of(debt("car", "9000.00", "300.00"))));
        for (Assumptions assumptions : List.of(Assumptions.NONE, keptFor(37), keptFor(400), discounted())) {
            CaseComparison comparison = compared(assumptions, options);
            for (int option = 0; option < options.size(); option++) {
                assertThat(comparison.workings(option))
                        .hasSizeGreaterThanOrEqualTo(4)
                        .allSatisfy(RuleTest::assertGivesItsFigure);
            }
        }
    }

    private static CaseComparison compared(Assumptions assumptions, List<LoanOption> options) {
        return CaseComparison.of(
                CaseEvaluator.evaluate(new CaseFile(options, assumptions)).options(), assumptions, PAID_TODAY);
    }

    private static Assumptions keptFor(int months) {
        return new Assumptions(
                YearlyChange.NONE, AnnualRate.ofPercent("0"), Percent.ZERO, Optional.of(new LoanTerm(months)));
    }

    private static Assumptions discounted() {
        return new Assumptions(YearlyChange.NONE, AnnualRate.ofPercent("3.5"), Percent.of("24"), Optional.empty());
    }

    private static RunningDebt debt(String id, String balance, String payment) {
        return new RunningDebt(id, Money.of(balance), Optional.of(Money.of(payment)), AnnualRate.ofPercent("7"));
    }

    private static LoanOption refinancing(List<RunningDebt> debts) {
        return THIRTY_YEARS.withFinancing(Financing.Refinancing.of(
                Money.of("200000.00"), debts, Money.of("2500.00"), Optional.of(Options.PRICE)));
    }

    private static Money money(JsonNode amount) {
        return Money.ofCents(cents(amount));
    }

    private static Optional<Integer> boxed(OptionalInt number) {
        return number.stream().boxed().findFirst();
    }

    private static Optional<Integer> number(JsonNode number) {
        return number.isNull() ? Optional.empty() : Optional.of(number.asInt());
    }
}
