package app.impendium.core.pricing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class RateTableTest {
    private static final Money LOAN = Money.of("240000.00");

    /** 6.5 % for a credit of half a point, 6.25 % for nothing, 6 % for 0.875 points, 5.75 % for 1.75. */
    public static RateTable table(AddOn... addOns) {
        return new RateTable(
                LoanTerm.ofYears(30),
                List.of(offer("6.25", "0"), offer("5.75", "1.75"), offer("6.5", "-0.5"), offer("6", "0.875")),
                List.of(addOns));
    }

    private static RateOffer offer(String rate, String points) {
        return new RateOffer(AnnualRate.ofPercent(rate), new SignedPoints(new BigDecimal(points)));
    }

    private static AddOn addOn(String above, String upTo, int least, int most, String points) {
        return new AddOn(Percent.of(above), Percent.of(upTo), least, most, new SignedPoints(new BigDecimal(points)));
    }

    @Test
    void goesFromTheLowestRateToTheHighest() {
        assertThat(table().offers())
                .extracting(offer -> offer.rate().percent().toString())
                .containsExactly("5.75 %", "6 %", "6.25 %", "6.5 %");
    }

    @Test
    void addsPointsByLoanToValueAndScoreBothSidesOfABound() {
        RateTable table = table(addOn("75", "80", 0, 719, "0.5"), addOn("80", "95", 0, 999, "0.25"));

        assertThat(lowest(table, "75", 700)).isEqualByComparingTo("1.75");
        assertThat(lowest(table, "75.01", 700)).isEqualByComparingTo("2.25");
        assertThat(lowest(table, "80", 719)).isEqualByComparingTo("2.25");
        assertThat(lowest(table, "80", 720)).isEqualByComparingTo("1.75");
        assertThat(lowest(table, "80.001", 720)).isEqualByComparingTo("2");
        assertThat(table.pricedFor(Optional.empty(), Optional.of(600))
                        .get(0)
                        .points()
                        .percent())
                .isEqualByComparingTo("1.75");
    }

    @Test
    void takesAnUnknownScoreToBeTheOneThatAddsMost() {
        AddOn high = addOn("75", "80", 740, 999, "0.25");
        AddOn low = addOn("75", "80", 620, 739, "1");
        AddOn anyone = addOn("75", "80", 0, 999, "0.125");
        RateTable table = table(high, low, anyone);

        assertThat(table.addOnsFor(Optional.of(new BigDecimal("80")), Optional.empty()))
                .containsExactly(low, anyone);
        assertThat(table.addOnsFor(Optional.of(new BigDecimal("80")), Optional.of(740)))
                .containsExactly(high, anyone);
        assertThat(table.addOnsFor(Optional.of(new BigDecimal("75")), Optional.empty()))
                .isEmpty();
    }

    private static BigDecimal lowest(RateTable table, String loanToValue, int score) {
        return table.pricedFor(Optional.of(new BigDecimal(loanToValue)), Optional.of(score))
                .get(0)
                .points()
                .percent();
    }

    @Test
    void anAmountPaysForTheMostPointsUpToItsLastCent() {
        List<RateOffer> priced = table().pricedFor(Optional.empty(), Optional.empty());

        assertThat(RateTable.mostPointsFor(Money.of("4200.00"), LOAN, priced)).hasValue(priced.get(0));
        assertThat(RateTable.mostPointsFor(Money.of("4199.99"), LOAN, priced)).hasValue(priced.get(1));
        assertThat(RateTable.mostPointsFor(Money.of("2099.99"), LOAN, priced)).isEmpty();
        assertThat(RateTable.leastPoints(LOAN, priced))
                .hasValue(Money.of("2100.00").toValue());
        assertThat(priced.get(3).points().on(LOAN)).isEqualTo(Money.of("-1200.00"));
    }

    @Test
    void refusesWhatIsNoTable() {
        assertThatThrownBy(() -> new RateTable(LoanTerm.ofYears(30), List.of(), List.of()))
                .isInstanceOf(CaseException.class)
                .hasMessageContaining("offers: NO_ENTRIES 100");
        assertThatThrownBy(() ->
                        new RateTable(LoanTerm.ofYears(30), List.of(offer("6", "0"), offer("6.0", "1")), List.of()))
                .hasMessageContaining("RATE_TWICE 6 %");
        assertThatThrownBy(() -> addOn("80", "80", 0, 999, "1"))
                .hasMessageContaining("upToLoanToValuePercent: OUT_OF_RANGE 80 %, 80 %, 100 %");
        assertThatThrownBy(() -> addOn("80", "90", 700, 699, "1")).hasMessageContaining("mostScore: OUT_OF_RANGE");
        assertThatThrownBy(() -> new SignedPoints(new BigDecimal("10.001")))
                .hasMessageContaining("pointsPercent: OUT_OF_RANGE");
        assertThatThrownBy(() -> new SignedPoints(new BigDecimal("0.0001"))).hasMessageContaining("TOO_MANY_DECIMALS");
    }
}
