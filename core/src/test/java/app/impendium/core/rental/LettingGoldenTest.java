package app.impendium.core.rental;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.core.LoanOption;
import app.impendium.core.afford.StressedRate;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Let homes with exact figures. */
class LettingGoldenTest {
    private static final Cover OUTGOINGS = new Cover.OfOutgoings();

    static Stream<GoldenCase> letting() {
        return GoldenCases.of("letting");
    }

    static Stream<GoldenCase> rental() {
        return GoldenCases.of("rental");
    }

    @ParameterizedTest
    @MethodSource("letting")
    void aProgrammeLendsExactlySoMuch(GoldenCase golden) {
        JsonNode input = golden.input();
        LoanOption option = option(
                input, money(input, "loanAmount"), input.get("interestOnly").asBoolean() ? 120 : 0);
        Money rent = money(input, "rentPerMonth");
        LetLoan loan = LetLoan.of(option);
        Percent counted = percent(input.get("basis"), "rentCountedPercent");
        assertThat(loan.outgoings().total()).isEqualTo(money(golden.expect(), "outgoingsPerMonth"));
        assertThat(counted.of(rent)).isEqualTo(money(golden.expect(), "rentCounted"));
        assertThat(sixDecimals(OUTGOINGS.ratio(loan, rent, counted)))
                .isEqualByComparingTo(golden.expect().get("coverageRatio").decimalValue());
        for (JsonNode asked : golden.expect().get("rentForCoverage")) {
            assertThat(OUTGOINGS.leastRent(asked.get("coverage").decimalValue(), loan, counted))
                    .contains(money(asked, "rentPerMonth"));
        }
        Lending.Most most = (Lending.Most)
                programme(input).mostOn(option, option.rate().annual(), rent, LettingBasis.LONG, Optional.empty());
        assertThat(most.loan().cents())
                .isEqualTo(golden.expect().get("largestLoan").asLong() * 100);
        assertThat(most.band()).isEqualTo(golden.expect().get("band").asInt());
        assertThat(most.rate().percent()).isEqualTo(percent(golden.expect(), "ratePercentInBand"));
        Cover interest = new Cover.OfInterest(new StressedRate(
                Percent.ZERO,
                AnnualRate.ofPercent(input.get("stressedRatePercent").decimalValue())));
        assertThat(sixDecimals(interest.ratio(loan, rent, counted).map(ratio -> ratio.movePointRight(2))))
                .isEqualByComparingTo(
                        golden.expect().get("interestCoverPercent").decimalValue());
    }

    @ParameterizedTest
    @MethodSource("rental")
    void aRentCoversExactlySoMuch(GoldenCase golden) {
        JsonNode input = golden.input();
        Money amount = percent(input, "ltvPercent").of(money(input, "value"));
        LetLoan loan = LetLoan.of(option(input, amount, 0));
        Percent all = Percent.of("100");
        assertThat(amount).isEqualTo(money(golden.expect(), "loanAmount"));
        assertThat(loan.outgoings().payment()).isEqualTo(money(golden.expect(), "principalAndInterest"));
        assertThat(loan.outgoings().total()).isEqualTo(money(golden.expect(), "housingCost"));
        assertThat(sixDecimals(OUTGOINGS.ratio(loan, money(input, "rentPerMonth"), all)))
                .isEqualByComparingTo(golden.expect().get("coverageRatio").decimalValue());
        assertThat(OUTGOINGS.leastRent(BigDecimal.ONE, loan, all))
                .contains(money(golden.expect(), "rentForCoverageOfOne"));
    }

    private static LoanOption option(JsonNode input, Money loan, int interestOnly) {
        return LetHomes.home(
                money(input, "value"),
                loan,
                input.get("ratePercent").asString(),
                interestOnly,
                LetHomes.housing(
                        input.get("taxPerYear").asString(),
                        input.get("homeInsurancePerYear").asString(),
                        input.get("duesPerMonth").asString()));
    }

    /** The case's one basis stands for letting by the year. */
    private static Programme programme(JsonNode input) {
        List<CoverageBand> bands = StreamSupport.stream(input.get("bands").spliterator(), false)
                .map(band -> new CoverageBand(
                        band.get("coverageAtLeast").decimalValue(),
                        percent(band, "loanToValuePercent"),
                        percent(band, "rateAddOnPercent")))
                .toList();
        JsonNode basis = input.get("basis");
        return new Programme(
                OUTGOINGS,
                bands,
                List.of(new BasisTerms(
                        LettingBasis.LONG,
                        percent(basis, "rentCountedPercent"),
                        percent(basis, "loanToValuePercent"),
                        Optional.empty())));
    }

    private static BigDecimal sixDecimals(Optional<BigDecimal> ratio) {
        return ratio.orElseThrow().setScale(6, RoundingMode.HALF_UP);
    }

    private static Money money(JsonNode node, String name) {
        return Money.ofCents(GoldenCases.cents(node.get(name)));
    }

    private static Percent percent(JsonNode node, String name) {
        return new Percent(node.get(name).decimalValue());
    }
}
