package app.impendium.core.rental;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.finding.CaseException;
import app.impendium.core.fit.FitLever;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.pricing.RateOffer;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.solve.Boundary;
import app.impendium.core.solve.Ranges;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * What would make a programme lend an option's loan on a let home, each lever with all else kept. Every answer is sharp: with it
 * the programme lends the loan, one step further (a cent of rent, a unit of the currency, a thousandth of a percent, a year) it
 * does not.
 */
public final class LettingSolver {
    private static final int LONGEST_YEARS = 40;

    private final LoanOption option;
    private final LoanOption level;
    private final boolean needsFigures;
    private final Percent added;
    private final Programme programme;
    private final LettingBasis basis;
    private final Money rent;
    private final Optional<Integer> score;

    /**
     * @param added what a band of the programme has already added to the option's rate
     * @param score the clients' credit score, where it is known
     * @throws CaseException if the option has no loan, or the rent of a month is above the price
     */
    public LettingSolver(
            LoanOption option,
            Percent added,
            Programme programme,
            LettingBasis basis,
            Money rent,
            Optional<Integer> score) {
        LetLoan.checkedRent(rent, option);
        this.option = option;
        this.level = option.atLevelPayment();
        this.needsFigures = !option.isPlain();
        this.added = added;
        this.programme = programme;
        this.basis = basis;
        this.rent = rent;
        this.score = score;
    }

    /** The band in which the programme lends the option's own loan at the lowest rate; none where it does not lend it. */
    public Optional<CoverageBand> band() {
        return band(level, rent);
    }

    /** The option's rate without what a band has added to it: what add-ons are added to. */
    public AnnualRate base() {
        return Programme.without(option.rate().annual(), added);
    }

    /** The most that the programme lends. */
    public Lending most() {
        return programme.mostOn(level, base(), rent, basis, score);
    }

    /** What each lever of the loan can do. */
    public List<LettingAnswer> levers() {
        return Arrays.stream(FitLever.values())
                .filter(lever -> lever.appliesTo(option) && matters(lever))
                .map(this::lever)
                .toList();
    }

    /** Whether a lever moves the cover: interest alone does not follow from the term. */
    private boolean matters(FitLever lever) {
        boolean isRepaid = programme.cover() instanceof Cover.OfOutgoings
                && option.features().interestOnlyPayments() == 0;
        return lever != FitLever.TERM || isRepaid;
    }

    /** What one lever of the loan can do. */
    public LettingAnswer lever(FitLever lever) {
        long least = lever.least(option);
        long most = Math.max(least, lever.most(option, LONGEST_YEARS));
        List<Ranges.Range> ranges = needsFigures
                ? Ranges.partedAt(lever.own(option), least, most, step -> hasFigures(lever, step))
                : Ranges.of(least, most, step -> true);
        if (lever.isBestAtLargest()) {
            Collections.reverse(ranges);
        }
        for (Ranges.Range range : ranges) {
            OptionalLong found = bestIn(range, lever);
            if (found.isPresent()) {
                return found(lever, found.getAsLong());
            }
        }
        return new LettingAnswer.None(lever);
    }

    /** The best step of a range in which either all steps have figures or none has. */
    private OptionalLong bestIn(Ranges.Range in, FitLever lever) {
        if (!hasFigures(lever, in.from())) {
            return OptionalLong.empty();
        }
        long own = Math.max(in.from(), Math.min(in.to(), lever.own(option)));
        return lever.isBestAtLargest()
                ? Boundary.largestNear(own, in.from(), in.to(), step -> lendsAt(lever, step))
                : Boundary.smallestNear(own, in.from(), in.to(), step -> lendsAt(lever, step));
    }

    private LettingAnswer found(FitLever lever, long step) {
        LoanOption option = lever.applied(level, step);
        return new LettingAnswer.Found(
                lever, lever.value(step), option, band(option, rent).orElseThrow());
    }

    /** The least rent at which the programme lends the loan; none where no rent is enough. */
    public Optional<Money> leastRent() {
        OptionalLong cents = Boundary.smallest(0, Money.LARGEST.cents(), each -> lends(level, Money.ofCents(each)));
        return cents.isPresent() ? Optional.of(Money.ofCents(cents.getAsLong())) : Optional.empty();
    }

    /**
     * The most that home insurance may cost a year for the programme to lend the loan; none where even none is too much, or where
     * it decides nothing.
     */
    public Optional<Money> mostInsurance() {
        OptionalLong cents = Boundary.largest(
                0,
                Money.LARGEST.cents(),
                each -> lends(level.withHousing(level.housing().withHomeInsurance(Money.ofCents(each))), rent));
        return cents.isPresent() && cents.getAsLong() < Money.LARGEST.cents()
                ? Optional.of(Money.ofCents(cents.getAsLong()))
                : Optional.empty();
    }

    /** A rate on offer and what the programme lends at it. */
    public record RateWithLoan(RateOffer offer, Lending lending) {}

    /** For each rate on offer, the most that the programme lends. */
    public List<RateWithLoan> loansByRate(List<RateOffer> offers) {
        return offers.stream()
                .map(offer -> new RateWithLoan(offer, programme.mostOn(level, offer.rate(), rent, basis, score)))
                .toList();
    }

    private boolean lendsAt(FitLever lever, long step) {
        try {
            return lends(lever.applied(level, step), rent);
        } catch (CaseException noSuchLoan) {
            return false;
        }
    }

    /** Whether what is agreed beside a plain loan still fits one at a step. */
    private boolean hasFigures(FitLever lever, long step) {
        if (!needsFigures) {
            return true;
        }
        try {
            CaseEvaluator.evaluate(lever.applied(level, step));
            return true;
        } catch (CaseException noSuchLoan) {
            return false;
        }
    }

    private boolean lends(LoanOption asked, Money atRent) {
        return band(asked, atRent).isPresent();
    }

    private Optional<CoverageBand> band(LoanOption asked, Money atRent) {
        try {
            return programme.bandOf(asked, added, atRent, basis, score);
        } catch (CaseException noSuchLoan) {
            return Optional.empty();
        }
    }
}
