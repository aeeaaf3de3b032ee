package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.afford.Ratios;
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
import app.impendium.core.rental.LettingBasis;
import app.impendium.core.rental.LettingSolver;
import app.impendium.core.rental.Programme;
import app.impendium.server.document.Convention;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a programme says of a let home, in whole cents. Covers are in times, or in percent where interest is covered.
 *
 * @param basis how the home is let; absent where the programme does not lend so
 * @param testedRatePercent the rate at which interest is tested; absent where all that goes out is to be covered
 * @param coverUnit what a cover is told in
 * @param countedCents what counts of the likely rent
 * @param cover how far it covers the loan as it is, with digits enough to tell it from every band's least; absent where nothing is
 *     to be covered
 * @param leastCover the least of any band
 * @param testedInterestCents a month's interest at that rate; absent where all that goes out is to be covered
 * @param lentAt in which band the programme lends the loan as it is; absent where it does not
 * @param lending the most that it lends
 * @param table for each letting basis, what it lends at each rent
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
        @Schema(nullable = true) BasisTermsView basis,
        @Schema(nullable = true) BigDecimal testedRatePercent,
        Convention.Cover coverUnit,
        long countedCents,
        @Schema(nullable = true) BigDecimal cover,
        BigDecimal leastCover,
        @Schema(nullable = true) Long testedInterestCents,
        @Schema(nullable = true) LentAtView lentAt,
        LendingView lending,
        List<BasisRowView> table,
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
     * A band in which a loan is lent.
     *
     * @param ratePercent the loan's rate with what the band adds
     */
    public record LentAtView(BigDecimal ratePercent, BigDecimal addOnPercent) {
        private static LentAtView of(CoverageBand band, AnnualRate base) {
            return new LentAtView(
                    band.raised(base).percent().value(), band.addOn().value());
        }
    }

    /**
     * How is lent on a letting basis.
     *
     * @param leastScore absent where none is asked for
     */
    public record BasisTermsView(
            BigDecimal countedPercent,
            BigDecimal loanToValuePercent,
            @Schema(nullable = true) Integer leastScore) {}

    /** A letting basis: at each rent, how far it covers the loan as it is, and the most that is lent. */
    public record BasisRowView(Convention.LettingBasis basis, BasisTermsView terms, List<CellView> cells) {}

    /**
     * A rent on a basis.
     *
     * @param cover of the loan as it is; absent where nothing is to be covered
     */
    public record CellView(
            long rentCents, @Schema(nullable = true) BigDecimal cover, LendingView lending) {}

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
            @Schema(nullable = true) LentAtView lentAt) {}

    /** A rate on offer and the most that is lent at it. */
    public record RateWithLendingView(BigDecimal ratePercent, BigDecimal pointsPercent, LendingView lending) {}

    /** A point of a chart: an amount, and how far the rent covers the loan there. */
    public record CoverPointView(long cents, BigDecimal cover) {}

    static ProgrammeAnswerView of(LettingCase let, Programme programme, List<RateOffer> offers) {
        LettingSolver solver = let.solver(programme);
        Cover cover = programme.cover();
        Optional<BasisTerms> terms = programme.on(let.home().basis());
        Percent counted = terms.map(BasisTerms::counted).orElse(ALL);
        LetLoan loan = LetLoan.of(let.option());
        return new ProgrammeAnswerView(
                terms.map(ProgrammeAnswerView::view).orElse(null),
                cover instanceof Cover.OfInterest tested
                        ? tested.testedRate(loan.rate()).percent().value()
                        : null,
                unit(cover),
                cover.share(counted).of(let.rent()).cents(),
                cover.ratio(loan, let.rent(), counted)
                        .map(ratio -> written(ratio, programme))
                        .orElse(null),
                figure(cover, programme.leastCover()),
                cover instanceof Cover.OfInterest tested
                        ? tested.testedInterest(loan).cents()
                        : null,
                solver.band().map(band -> LentAtView.of(band, solver.base())).orElse(null),
                LendingView.of(solver.most(), programme, let.option()),
                programme.bases().stream()
                        .map(each -> row(let, programme, each, loan))
                        .toList(),
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
                CoverCurves.byPrice(let, cover, counted),
                CoverCurves.byRent(let, cover, counted));
    }

    private static BasisTermsView view(BasisTerms terms) {
        return new BasisTermsView(
                terms.counted().value(),
                terms.mostLoanToValue().value(),
                terms.leastScore().orElse(null));
    }

    private static BasisRowView row(LettingCase let, Programme programme, BasisTerms terms, LetLoan loan) {
        List<Money> rents = Stream.of(
                        let.home().lowRent(), let.home().rent(), let.home().highRent())
                .flatMap(Optional::stream)
                .toList();
        return new BasisRowView(
                Convention.LettingBasis.valueOf(terms.basis().name()),
                view(terms),
                rents.stream()
                        .map(rent -> cell(let, programme, terms, loan, rent))
                        .toList());
    }

    private static CellView cell(LettingCase let, Programme programme, BasisTerms terms, LetLoan loan, Money rent) {
        LettingBasis basis = terms.basis();
        return new CellView(
                rent.cents(),
                programme
                        .cover()
                        .ratio(loan, rent, terms.counted())
                        .map(ratio -> written(ratio, programme))
                        .orElse(null),
                LendingView.of(let.solver(programme, basis, rent).most(), programme, let.option()));
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
                figure(cover, times),
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
                    LentAtView.of(found.band(), base));
        }
        return new LettingLeverView(answer.lever(), null, null, null);
    }

    private static Convention.Cover unit(Cover cover) {
        return cover instanceof Cover.OfInterest ? Convention.Cover.INTEREST : Convention.Cover.OUTGOINGS;
    }

    /** A cover in the unit that it is told in: times, or percent of the interest. */
    static BigDecimal figure(Cover cover, BigDecimal ratio) {
        return cover instanceof Cover.OfInterest ? ratio.multiply(HUNDRED) : ratio;
    }

    /** With digits enough to tell it from every band's least. */
    private static BigDecimal written(BigDecimal ratio, Programme programme) {
        BigDecimal exact = figure(programme.cover(), ratio);
        return programme.bands().stream()
                .map(band -> Ratios.written(exact, figure(programme.cover(), band.leastCover())))
                .max(Comparator.comparingInt(BigDecimal::scale))
                .orElseThrow();
    }
}
