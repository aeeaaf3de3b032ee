package app.impendium.core.fit;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.Closing;
import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.core.LoanOption;
import app.impendium.core.Options;
import app.impendium.core.afford.Condition;
import app.impendium.core.afford.Debt;
import app.impendium.core.afford.Funds;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.Households;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.afford.LimitTest;
import app.impendium.core.afford.Measure;
import app.impendium.core.afford.Reading.Measured;
import app.impendium.core.afford.StressedRate;
import app.impendium.core.cost.BuydownTerms;
import app.impendium.core.cost.CreditCostRate;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingCost;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.cost.Payer;
import app.impendium.core.cost.PropertyTax;
import app.impendium.core.loan.LevelPayment;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.RegularPayment;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** The levers and the largest price of the golden cases. */
class FitSolverTest {
    private static final BigDecimal EIGHTH = new BigDecimal("0.125");

    static Stream<GoldenCase> levers() {
        return GoldenCases.of("levers");
    }

    static Stream<GoldenCase> affordability() {
        return GoldenCases.of("affordability");
    }

    @ParameterizedTest
    @MethodSource("levers")
    void solvesEachLever(GoldenCase golden) {
        JsonNode input = golden.input();
        JsonNode expect = golden.expect();
        List<Debt> debts = new ArrayList<>();
        for (JsonNode debt : input.get("debts")) {
            debts.add(Households.debt(
                    String.valueOf(debts.size()), amount(debt.get("payment")), amount(debt.get("balance"))));
        }
        // What is left after closing is given: with nothing else to pay, that is so much more than the down payment.
        Money atHand = money(input.get("moneyLeftAfterClosing")).plus(money(input.get("moneyDown")));
        FitSolver solver = solver(input, "moneyDown", "price", debts, new Funds(atHand, Money.ZERO, Money.ZERO));

        assertThat(solver.loan().housing().cents()).isEqualTo(cents(expect.get("housingPerMonth")));
        assertThat(reached(solver, Measure.BACK_END))
                .isEqualByComparingTo(expect.get("backEndPercent").decimalValue());
        assertThat(value(solver, FitLever.RATE)).isEqualTo(number(expect.get("highestRatePercent")));
        assertThat(value(solver, FitLever.RATE).map(FitSolverTest::downToEighth))
                .isEqualTo(number(expect.get("nextRateInEighths")));
        assertThat(value(solver, FitLever.LOAN)).isEqualTo(number(expect.get("largestLoan")));
        assertThat(value(solver, FitLever.PRICE_KEEPING_AMOUNT))
                .isEqualTo(number(expect.get("largestPriceKeepingMoneyDown")));
        assertThat(value(solver, FitLever.PRICE_KEEPING_SHARE))
                .isEqualTo(number(expect.get("largestPriceKeepingPercentDown")));
        assertThat(value(solver, FitLever.TERM)).isEqualTo(number(expect.get("leastTermYears")));
        assertThat(solver.missingIncome().map(Money::cents)).contains(cents(expect.get("missingIncomePerMonth")));
        assertThat(solver.missingReserves().cents()).isEqualTo(cents(expect.get("missingReserves")));
        assertThat(places(solver.fewestDebts())).isEqualTo(places(expect.get("debtsFewest")));
        assertThat(places(solver.cheapestDebts())).isEqualTo(places(expect.get("debtsLeastCash")));
    }

    @ParameterizedTest
    @MethodSource("affordability")
    void findsTheLargestPrice(GoldenCase golden) {
        JsonNode input = golden.input();
        JsonNode expect = golden.expect();
        List<Debt> debts = List.of(Households.debt("all", amount(input.get("debtsPerMonth")), "1.00"));
        FitSolver solver = solver(input, "downPayment", "downPayment", debts, Households.NO_FUNDS);

        QualifyingLoan largest =
                ((FitAnswer.Found) solver.lever(FitLever.PRICE_KEEPING_AMOUNT).orElseThrow()).loan();

        assertThat(largest.option().price().cents())
                .isEqualTo(expect.get("maxPrice").asLong() * 100);
        JsonNode at = expect.get("atMaxPrice");
        HousingCost cost = largest.cost();
        assertThat(cost)
                .isEqualTo(new HousingCost(
                        money(at.get("principalAndInterest")),
                        money(at.get("tax")),
                        money(at.get("insurance")),
                        money(at.get("mortgageInsurance")),
                        money(at.get("dues")),
                        Money.ZERO));
        assertThat(cost.total()).isEqualTo(money(at.get("total")));
    }

    @Test
    void findsTheHighestRateWhereLowerOnesHaveNoFigures() {
        LimitSet set = Households.set(
                List.of(Households.atMost(Measure.FRONT_END, "30")),
                new StressedRate(Percent.of("2"), AnnualRate.ofPercent("8")),
                40);
        Household people = Households.of(List.of(Households.monthly("11000.00")), List.of(), Households.NO_FUNDS);
        LoanOption plain = priced("500000.00", "20").withRate(AnnualRate.ofPercent("5"));
        LoanOption boughtDown = plain.withClosing(new Closing(
                Optional.empty(),
                plain.closing().costs(),
                plain.closing().upfrontPremium(),
                Optional.of(new BuydownTerms(List.of(Percent.of("2"), Percent.of("1")), Payer.SELLER)),
                List.of()));

        for (LoanOption option : List.of(plain, boughtDown)) {
            FitSolver solver = new FitSolver(new LoanVariants(CaseEvaluator.evaluate(option), people), set);
            assertThat(((FitAnswer.Found) solver.lever(FitLever.RATE).orElseThrow()).value())
                    .isEqualByComparingTo("7.282");
        }
    }

    @Test
    void findsTheLargestLoanWhereWhatFitsIsNotOneRange() {
        LimitSet set = Households.set(
                Households.atMost(
                        Measure.BACK_END, "36", new Condition.Below(Condition.Fact.RESERVES, BigDecimal.valueOf(6))),
                Households.atMost(
                        Measure.BACK_END, "45", new Condition.From(Condition.Fact.RESERVES, BigDecimal.valueOf(6))));
        Funds funds = new Funds(Money.of("152000.00"), Money.ZERO, Money.ZERO);
        Household people = Households.of(List.of(Households.monthly("5200.00")), List.of(), funds);
        LoanOption option = priced("500000.00", "30").withRate(AnnualRate.ofPercent("6"));

        FitSolver solver = new FitSolver(new LoanVariants(CaseEvaluator.evaluate(option), people), set);

        FitAnswer.Found largest = (FitAnswer.Found) solver.lever(FitLever.LOAN).orElseThrow();
        assertThat(largest.value()).isEqualByComparingTo("390293");
        // 350,000 does not fit; a little more leaves six months in reserve and does.
        assertThat(largest.nearer())
                .hasValueSatisfying(nearer -> assertThat(nearer).isEqualByComparingTo("360986"));
    }

    private static LoanOption priced(String price, String percentDown) {
        LoanOption option = Options.of(
                new Financing.Purchase(
                        Money.of(price), new DownPayment.Share(Percent.of(percentDown)), Optional.empty()),
                PaymentFrequency.MONTHLY,
                360,
                LocalDate.of(2027, 3, 1));
        PropertyTax none = new PropertyTax.ShareOfPrice(Percent.ZERO);
        return option.withClosing(Closing.PLAIN)
                .withHousing(new HousingTerms(none, Money.ZERO, Percent.ZERO, true, Money.ZERO, Money.ZERO));
    }

    @Test
    void leadsALoanWithAChosenPaymentOnlyToLoansThatHaveFigures() {
        LoanOption plain = Options.purchase("10", PaymentFrequency.MONTHLY, 300);
        LoanOption option =
                plain.withFeatures(plain.features().withRegular(new RegularPayment.Custom(Money.of("1700.00"))));
        LimitSet set = Households.set(
                List.of(Households.atMost(Measure.BACK_END, "45")),
                new StressedRate(Percent.of("2"), AnnualRate.ofPercent("0")),
                40);
        Household people = Households.of(List.of(Households.monthly("9000.00")), List.of(), Households.NO_FUNDS);
        FitSolver solver = new FitSolver(new LoanVariants(CaseEvaluator.evaluate(option), people), set);

        assertThat(solver.levers()).isNotEmpty().allSatisfy(answer -> {
            assertThat(CaseEvaluator.evaluate(answer.loan().option())
                            .cashToClose()
                            .total())
                    .isEqualTo(answer.loan().cashToClose());
            // The payment was chosen for the loan as it is, not for another.
            assertThat(answer.loan().option().features().regular()).isEqualTo(new RegularPayment.Level());
        });
        // Tested at 7.75 %, a payment that was chosen at 5.75 % says nothing.
        assertThat(solver.loan().testedCost().principalAndInterest())
                .isEqualTo(LevelPayment.of(
                        plain.withRate(AnnualRate.ofPercent("7.75")).loanTerms()));
    }

    private static FitSolver solver(JsonNode input, String down, String price, List<Debt> debts, Funds funds) {
        Money paidDown = money(input.get(down));
        // Without a home in mind the search begins anywhere above the down payment.
        Money home = down.equals(price) ? paidDown.plus(Money.of("100000.00")) : money(input.get(price));
        LoanOption option = new LoanOption(
                new Financing.Purchase(home, new DownPayment.Amount(paidDown), Optional.empty()),
                Options.rate(input.get("ratePercent").asString()),
                PaymentRounding.NEAREST_CENT,
                new LoanTerm(input.get("termMonths").asInt()),
                Optional.empty(),
                LocalDate.of(2027, 3, 1),
                LoanFeatures.NONE,
                Closing.PLAIN,
                new HousingTerms(
                        new PropertyTax.ShareOfPrice(percent(input.get("taxPercentPerYear"))),
                        money(input.get("homeInsurancePerYear")),
                        percent(input.get("mortgageInsurancePercentPerYear")),
                        true,
                        money(input.get("duesPerMonth")),
                        Money.ZERO),
                CreditCostRate.ANNUAL_PERCENTAGE_RATE);
        Household people =
                Households.of(List.of(Households.monthly(amount(input.get("incomePerMonth")))), debts, funds);
        return new FitSolver(new LoanVariants(CaseEvaluator.evaluate(option), people), limits(input));
    }

    private static LimitSet limits(JsonNode input) {
        List<LimitTest> tests = new ArrayList<>();
        number(input.get("frontEndLimitPercent"))
                .ifPresent(limit -> tests.add(Households.atMost(Measure.FRONT_END, limit.toString())));
        tests.add(Households.atMost(
                Measure.BACK_END, input.get("backEndLimitPercent").asString()));
        if (input.path("reservesMonths").asInt() > 0) {
            tests.add(Households.atMost(
                    Measure.RESERVES, input.get("reservesMonths").asString()));
        }
        return Households.set(tests.toArray(LimitTest[]::new));
    }

    private static BigDecimal reached(FitSolver solver, Measure measure) {
        return solver.assessment().readings().stream()
                .filter(reading -> reading.test().measure() == measure)
                .map(reading -> ((Measured) reading).reached().setScale(6, RoundingMode.HALF_UP))
                .findFirst()
                .orElseThrow();
    }

    private static Optional<BigDecimal> value(FitSolver solver, FitLever lever) {
        return solver.lever(lever)
                .filter(FitAnswer.Found.class::isInstance)
                .map(answer -> ((FitAnswer.Found) answer).value().stripTrailingZeros());
    }

    private static BigDecimal downToEighth(BigDecimal rate) {
        return rate.divide(EIGHTH, 0, RoundingMode.FLOOR).multiply(EIGHTH).stripTrailingZeros();
    }

    private static Optional<BigDecimal> number(JsonNode node) {
        return node.isNull()
                ? Optional.empty()
                : Optional.of(node.decimalValue().stripTrailingZeros());
    }

    private static List<Integer> places(DebtsAnswer answer) {
        return answer instanceof DebtsAnswer.Found found ? found.places() : null;
    }

    private static List<Integer> places(JsonNode node) {
        if (node.isNull()) {
            return null;
        }
        List<Integer> places = new ArrayList<>();
        node.forEach(place -> places.add(place.asInt()));
        return places;
    }

    private static Money money(JsonNode amount) {
        return Money.ofCents(cents(amount));
    }

    private static String amount(JsonNode amount) {
        return money(amount).toString();
    }

    private static Percent percent(JsonNode percent) {
        return new Percent(percent.decimalValue());
    }
}
