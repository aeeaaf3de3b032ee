package app.impendium.core.rental;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.afford.StressedRate;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.YearlyChange;
import app.impendium.core.working.Figure;
import app.impendium.core.working.Numbers;
import app.impendium.core.working.RuleTest;
import app.impendium.core.working.Working;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LettingWorkingsTest {
    private static final OwnerTerms OWNER =
            new OwnerTerms(Percent.of("4"), Percent.of("6.25"), Percent.of("9"), YearlyChange.NONE, YearlyChange.NONE);
    private static final Cover INTEREST =
            new Cover.OfInterest(new StressedRate(Percent.of("2"), AnnualRate.ofPercent("5.5")));

    private final LoanOption home = LetHomes.home(
            Money.of("318400.00"), Money.of("238800.00"), "6.5", 0, LetHomes.housing("3290.00", "1344.00", "48.00"));

    static Stream<Cover> covers() {
        return Stream.of(new Cover.OfOutgoings(), INTEREST);
    }

    @ParameterizedTest
    @MethodSource("covers")
    void eachRuleGivesItsFigureFromTheNumbersOfItsWorking(Cover cover) {
        List<Working> workings = workings(Optional.of(cover));
        workings.forEach(RuleTest::assertGivesItsFigure);
        assertThat(workings).hasSize(7);
    }

    @Test
    void theFiguresAreThoseThatAreShown() {
        Map<Figure, Working> workings = Numbers.byFigure(workings(Optional.of(new Cover.OfOutgoings())));
        // 1,509.38 for the loan, 274.17 tax, 112.00 insurance, 48.00 dues; four fifths of 2,310.00 count.
        assertThat(Numbers.result(workings, Figure.LET_OUTGOINGS)).isEqualByComparingTo("1943.55");
        assertThat(Numbers.result(workings, Figure.RENT_COUNTED)).isEqualByComparingTo("1848.00");
        assertThat(workings.get(Figure.COVER).rule().formula()).isEqualTo("rent counted / outgoings");
        assertThat(workings(Optional.empty()).stream().map(Working::figure))
                .containsExactly(
                        Figure.LET_OUTGOINGS,
                        Figure.CASH_FLOW,
                        Figure.GROSS_YIELD,
                        Figure.NET_YIELD,
                        Figure.FIRST_YEAR_RETURN);
    }

    private List<Working> workings(Optional<Cover> cover) {
        return LettingWorkings.of(CaseEvaluator.evaluate(home), Money.of("2310.00"), OWNER, cover, Percent.of("80"));
    }
}
