package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.fit.FitLever;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.pricing.RateOffer;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rental.BasisTerms;
import app.impendium.core.rental.Cover;
import app.impendium.core.rental.CoverageBand;
import app.impendium.core.rental.LetLoan;
import app.impendium.core.rental.LettingAnswer;
import app.impendium.core.rental.LettingSolver;
import app.impendium.core.rental.Programme;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a programme says of a let home, and what would make it lend, in whole cents. Covers are in times, or in percent where interest is
 * covered.
 *
 * @param covered what covers the loan once, and as often as each band asks
 * @param levers what each lever of the loan can do
 * @param leastRentCents the least rent at which it lends the loan; absent where no rent is enough
 * @param mostInsuranceCents the most that home insurance may cost a year; absent where even none is too much, or it
 *     decides nothing
 * @param loansByRate for each rate on offer, the most that it lends
 * @param byPrice how the cover moves with the price
 * @param byRent how the cover moves with the rent
 */
public record ProgrammeAnswerView(
        @JsonUnwrapped LettingTestView test,
        List<CoveredView> covered,
        List<LettingLeverView> levers,
        @Schema(nullable = true) Long leastRentCents,
        @Schema(nullable = true) Long mostInsuranceCents,
        List<RateWithLendingView> loansByRate,
        List<CoverPointView> byPrice,
        List<CoverPointView> byRent) {
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final Percent ALL = Percent.of("100");

    /**
     * What covers the loan so often, whatever else the programme asks for: each with all else kept.
     *
     * @param priceCents the highest price, the down payment kept as it is said; absent where none does
     * @param ratePercent the highest rate; absent where none does
     * @param loanCents the largest loan; absent where none does
     */
    public record CoveredView(
            BigDecimal cover,
            @Schema(nullable = true) Long rentCents,
            @Schema(nullable = true) Long priceCents,
            @Schema(nullable = true) BigDecimal ratePercent,
            @Schema(nullable = true) Long loanCents) {}

    /**
     * One lever.
     *
     * @param value in percent, units of the currency or years, as the lever has it; absent where no step does
     * @param cashChangeCents what it takes more at closing; negative for less
     * @param lentAt in which band the loan is then lent
     */
    public record LettingLeverView(
            FitLever lever,
            @Schema(nullable = true) BigDecimal value,
            @Schema(nullable = true) Long cashChangeCents,
            @Schema(nullable = true) LettingTestView.LentAtView lentAt) {}

    /** A rate on offer and the most that is lent at it. */
    public record RateWithLendingView(BigDecimal ratePercent, BigDecimal pointsPercent, LendingView lending) {}

    /** A point of a chart: an amount, and how far the rent covers the loan there. */
    public record CoverPointView(long cents, BigDecimal cover) {}

    static ProgrammeAnswerView of(LettingCase let, Programme programme, List<RateOffer> offers) {
        LettingSolver solver = let.solver(programme);
        Percent counted = LettingTestView.counted(let, programme);
        LetLoan loan = LetLoan.of(let.option());
        return new ProgrammeAnswerView(
                LettingTestView.of(let, programme),
                covered(let, programme, loan, counted),
                solver.levers().stream().map(answer -> lever(let, answer)).toList(),
                solver.leastRent().map(Money::cents).orElse(null),
                solver.mostInsurance().map(Money::cents).orElse(null),
                solver.loansByRate(offers).stream()
                        .map(pair -> new RateWithLendingView(
                                pair.offer().rate().percent().value(),
                                pair.offer().points().percent(),
                                LendingView.of(pair.lending(), programme, let.option())))
                        .toList(),
                CoverCurves.byPrice(let, programme.cover(), counted),
                CoverCurves.byRent(let, programme.cover(), counted));
    }

    /** Once, and as often as each band asks, from the least up. */
    private static List<CoveredView> covered(LettingCase let, Programme programme, LetLoan loan, Percent counted) {
        List<CoveredView> covered = new ArrayList<>();
        Stream.concat(Stream.of(BigDecimal.ONE), programme.bands().stream().map(CoverageBand::leastCover))
                .map(BigDecimal::stripTrailingZeros)
                .distinct()
                .sorted()
                .forEach(times -> covered.add(covered(let, programme.cover(), loan, counted, times)));
        return covered;
    }

    private static CoveredView covered(LettingCase let, Cover cover, LetLoan loan, Percent counted, BigDecimal times) {
        // A programme that asks for nothing but this cover.
        Programme alone = new Programme(
                cover,
                List.of(new CoverageBand(times, ALL, Percent.ZERO)),
                List.of(new BasisTerms(let.home().basis(), counted, ALL, Optional.empty())));
        LettingSolver solver =
                new LettingSolver(let.option(), Percent.ZERO, alone, let.home().basis(), let.rent(), Optional.empty());
        FitLever price = CoverCurves.priceLever(let.option());
        return new CoveredView(
                LettingTestView.figure(cover, times),
                cover.leastRent(times, loan, counted).map(Money::cents).orElse(null),
                cents(value(solver, let.option(), price)),
                value(solver, let.option(), FitLever.RATE).orElse(null),
                cents(value(solver, let.option(), FitLever.LOAN)));
    }

    private static Optional<BigDecimal> value(LettingSolver solver, LoanOption option, FitLever lever) {
        return lever.appliesTo(option) && solver.lever(lever) instanceof LettingAnswer.Found found
                ? Optional.of(found.value())
                : Optional.empty();
    }

    private static Long cents(Optional<BigDecimal> units) {
        return units.map(whole -> whole.multiply(HUNDRED).longValueExact()).orElse(null);
    }

    private static LettingLeverView lever(LettingCase let, LettingAnswer answer) {
        if (answer instanceof LettingAnswer.Found found) {
            Money cash = CaseEvaluator.evaluate(found.option()).cashToClose().total();
            AnnualRate base = Programme.without(found.option().rate().annual(), let.added());
            return new LettingLeverView(
                    found.lever(),
                    found.value(),
                    cash.minus(let.figures().cashToClose().total()).cents(),
                    LettingTestView.LentAtView.of(found.band(), base));
        }
        return new LettingLeverView(answer.lever(), null, null, null);
    }
}
