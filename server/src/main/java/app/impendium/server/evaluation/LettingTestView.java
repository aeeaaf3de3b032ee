package app.impendium.server.evaluation;

import app.impendium.core.afford.Ratios;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rental.BasisTerms;
import app.impendium.core.rental.Cover;
import app.impendium.core.rental.CoverageBand;
import app.impendium.core.rental.LetLoan;
import app.impendium.core.rental.LettingBasis;
import app.impendium.core.rental.LettingSolver;
import app.impendium.core.rental.Programme;
import app.impendium.server.document.Convention;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a programme says of a let home as it is, in whole cents. Covers are in times, or in percent where interest is covered.
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
 */
public record LettingTestView(
        @Schema(nullable = true) BasisTermsView basis,
        @Schema(nullable = true) BigDecimal testedRatePercent,
        Convention.Cover coverUnit,
        long countedCents,
        @Schema(nullable = true) BigDecimal cover,
        BigDecimal leastCover,
        @Schema(nullable = true) Long testedInterestCents,
        @Schema(nullable = true) LentAtView lentAt,
        LendingView lending,
        List<BasisRowView> table) {
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final Percent ALL = Percent.of("100");

    /**
     * A band in which a loan is lent.
     *
     * @param ratePercent the loan's rate with what the band adds
     */
    public record LentAtView(BigDecimal ratePercent, BigDecimal addOnPercent) {
        static LentAtView of(CoverageBand band, AnnualRate base) {
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

    static LettingTestView of(LettingCase let, Programme programme) {
        LettingSolver solver = let.solver(programme);
        Cover cover = programme.cover();
        LetLoan loan = LetLoan.of(let.option());
        return new LettingTestView(
                programme.on(let.home().basis()).map(LettingTestView::view).orElse(null),
                cover instanceof Cover.OfInterest tested
                        ? tested.testedRate(loan.rate()).percent().value()
                        : null,
                unit(cover),
                cover.share(counted(let, programme)).of(let.rent()).cents(),
                cover(let, programme).orElse(null),
                figure(cover, programme.leastCover()),
                cover instanceof Cover.OfInterest tested
                        ? tested.testedInterest(loan).cents()
                        : null,
                solver.band().map(band -> LentAtView.of(band, solver.base())).orElse(null),
                LendingView.of(solver.most(), programme, let.option()),
                programme.bases().stream()
                        .map(each -> row(let, programme, each, loan))
                        .toList());
    }

    /** How far the likely rent covers the loan as it is; none where nothing is to be covered. */
    static Optional<BigDecimal> cover(LettingCase let, Programme programme) {
        return programme
                .cover()
                .ratio(LetLoan.of(let.option()), let.rent(), counted(let, programme))
                .map(ratio -> written(ratio, programme));
    }

    /** How much of the rent counts on the basis that the home is let on. */
    static Percent counted(LettingCase let, Programme programme) {
        return programme.on(let.home().basis()).map(BasisTerms::counted).orElse(ALL);
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

    /** What its figures are told in. */
    static Convention.Cover unit(Cover cover) {
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
