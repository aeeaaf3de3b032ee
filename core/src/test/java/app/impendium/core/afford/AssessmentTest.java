package app.impendium.core.afford;

import static app.impendium.core.afford.Households.atMost;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.afford.Condition.Fact;
import app.impendium.core.afford.Reading.Measured;
import app.impendium.core.afford.Reading.Unknown;
import app.impendium.core.afford.Reading.Why;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class AssessmentTest {
    private static final Household EARNING = earning("9148.00");

    @Test
    void isNeverShownOnTheOtherSideOfItsLimit() {
        LimitSet set = Households.set(atMost(Measure.FRONT_END, "45"));
        Measured over = measured(set, EARNING, new Home(Money.of("4116.98")));
        assertThat(over.isMet()).isFalse();
        assertThat(over.written()).hasToString("45.004");
        assertThat(over.spare()).isEqualTo(-38);
        Measured at = measured(set, EARNING, new Home(Money.of("4116.60")));
        assertThat(at.isMet()).isTrue();
        assertThat(at.written()).hasToString("45.00");
        assertThat(at.spare()).isZero();
        Measured hair = measured(set, earning("9999999.99"), new Home(Money.of("4500000.00")));
        assertThat(hair.isMet()).isFalse();
        assertThat(hair.written()).hasToString("45.00000005");
    }

    @Test
    void readsEveryMeasureOnBothSidesOfItsLimit() {
        Home home = new Home(
                Money.of("2000.00"),
                Money.of("2400.00"),
                Money.of("300000.00"),
                Optional.of(Money.of("375000.00")),
                Money.of("11999.99"));
        Household people = new Household(
                List.of(Households.monthly("6250.00")),
                List.of(Households.debt("car", "310.00", "15000.00")),
                List.of(new OtherProperty(Money.of("1000.00"), Money.of("840.00"))),
                Households.NO_FUNDS,
                new Living(4, Optional.of("north"), Optional.of(Money.of("900.00")), Optional.of(Money.of("210.00"))),
                Optional.of(660),
                Underwriting.MANUAL);
        LimitSet set = Households.set(
                atMost(Measure.LOAN_TO_INCOME, "4"),
                atMost(Measure.DEBT_TO_INCOME, "4.2"),
                atMost(Measure.DEBT_TO_INCOME, "4.199"),
                new LimitTest(
                        Measure.RESIDUAL_INCOME,
                        new Limit.ByHousehold(
                                List.of(new Limit.Row(
                                        "north", List.of(Money.of("450.00"), Money.of("755.00")), Money.of("100.00"))),
                                3),
                        List.of()),
                atMost(Measure.LOAN_TO_VALUE, "80"),
                atMost(Measure.LOAN_TO_VALUE, "79.999"),
                atMost(Measure.RESERVES, "6"),
                atMost(Measure.SCORE, "661"));

        // The other home takes 90.00 more than counts of its rent; 855.00 must be left of an income of 6,250.00.
        assertThat(read(set, people, home))
                .extracting(reading -> ((Measured) reading).written() + " " + ((Measured) reading).spare())
                .containsExactly(
                        "4.00 0",
                        "4.20 0",
                        "4.20 -7500",
                        "2340.00 148500",
                        "80.00 0",
                        "80.00 -375",
                        "5.999995 -1",
                        "660.00 -1");
    }

    @Test
    void tellsWhatCannotBeTold() {
        LimitSet set = Households.set(
                atMost(Measure.BACK_END, "43"), atMost(Measure.LOAN_TO_VALUE, "80"), atMost(Measure.SCORE, "600"));
        assertThat(read(set, earning("0.00"), new Home(Money.of("10.00"))))
                .extracting(reading -> ((Unknown) reading).why())
                .containsExactly(Why.NO_INCOME, Why.NO_VALUE, Why.NO_SCORE);

        LimitSet left = Households.set(atMost(Measure.RESIDUAL_INCOME, "1200"), atMost(Measure.RESERVES, "2"));
        assertThat(read(left, earning("0.00"), new Home(Money.of("10.00"))))
                .extracting(reading -> ((Unknown) reading).why())
                .containsOnly(Why.NO_INCOME);
    }

    @Test
    void doesNotAssessWhatIsLeftOverOfAnIncomeWithoutTaxAndUpkeep() {
        LimitSet set = Households.set(atMost(Measure.RESIDUAL_INCOME, "1200"));
        Household unsaid = earning("6000.00");
        Home dear = new Home(Money.of("5900.00"));

        assertThat(read(set, unsaid, dear))
                .extracting(reading -> ((Unknown) reading).why())
                .containsExactly(Why.NO_LIVING_COSTS);
        Allowance allowance = new Allowance(set, CountedHousehold.of(unsaid, set, Set.of()));
        assertThat(allowance.isMetBy(dear)).isTrue();
        assertThat(IncomeNeed.missing(allowance, dear)).hasValue(Money.ZERO);
    }

    @Test
    void isDecidedByTheTestMissedByMostElseByTheNearestThatTheLoanCanMeet() {
        LimitSet met = Households.set(atMost(Measure.BACK_END, "90"), atMost(Measure.RESERVES, "1"));
        Household people = earning("6250.00");
        Money month = Money.of("2000.00");
        Home home = new Home(month, month, Money.ZERO, Optional.empty(), month);
        assertThat(assessment(met, people, home).binding().orElseThrow().test().measure())
                .isEqualTo(Measure.BACK_END);
        LimitSet missed = Households.set(atMost(Measure.BACK_END, "31"), atMost(Measure.RESERVES, "60"));
        assertThat(assessment(missed, people, home)
                        .binding()
                        .orElseThrow()
                        .test()
                        .measure())
                .isEqualTo(Measure.RESERVES);
    }

    @Test
    void appliesATestOnlyUnderItsConditions() {
        LimitSet set = Households.set(
                atMost(Measure.BACK_END, "45", new Condition.Below(Fact.RESERVES, BigDecimal.valueOf(6))),
                atMost(Measure.BACK_END, "50", new Condition.From(Fact.RESERVES, BigDecimal.valueOf(6))),
                atMost(Measure.FRONT_END, "40", new Condition.From(Fact.SCORE, BigDecimal.valueOf(580))),
                atMost(Measure.FRONT_END, "20", new Condition.UpTo(Fact.SCORE, BigDecimal.valueOf(579))),
                atMost(Measure.FRONT_END, "56", new Condition.By(Underwriting.AUTOMATED)));
        assertThat(limits(set, EARNING, "11999.99")).containsExactly("45", "20");
        assertThat(limits(set, EARNING, "12000.00")).containsExactly("50", "20");
        Household scored = new Household(
                EARNING.incomes(),
                List.of(),
                List.of(),
                EARNING.funds(),
                Living.UNKNOWN,
                Optional.of(580),
                Underwriting.AUTOMATED);
        assertThat(limits(set, scored, "0.00")).containsExactly("45", "40", "56");
    }

    @Test
    void namesTheTestThatDecides() {
        LimitSet set = Households.set(
                atMost(Measure.FRONT_END, "28"), atMost(Measure.BACK_END, "36"), atMost(Measure.LOAN_TO_INCOME, "5"));
        Household owing = Households.of(
                EARNING.incomes(), List.of(Households.debt("a", "985.55", "9000.00")), Households.NO_FUNDS);
        assertThat(assessment(set, owing, new Home(Money.of("2500.00"))).binding())
                .map(reading -> reading.test().measure())
                .contains(Measure.BACK_END);
    }

    private static List<String> limits(LimitSet set, Household household, String moneyLeft) {
        Money housing = Money.of("2000.00");
        Home home = new Home(housing, housing, Money.ZERO, Optional.empty(), Money.of(moneyLeft));
        return read(set, household, home).stream()
                .map(reading -> ((Measured) reading).limit().toString())
                .toList();
    }

    private static Household earning(String amount) {
        return Households.of(List.of(Households.monthly(amount)), List.of(), Households.NO_FUNDS);
    }

    private static Measured measured(LimitSet set, Household household, Home home) {
        return (Measured) read(set, household, home).get(0);
    }

    private static List<Reading> read(LimitSet set, Household household, Home home) {
        return assessment(set, household, home).readings();
    }

    private static Assessment assessment(LimitSet set, Household household, Home home) {
        return Assessment.of(new Allowance(set, CountedHousehold.of(household, set, Set.of())), home);
    }
}
