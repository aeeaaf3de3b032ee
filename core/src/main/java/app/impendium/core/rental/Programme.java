package app.impendium.core.rental;

import app.impendium.core.LoanOption;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Field.Letting;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rental.Lending.Binding;
import app.impendium.core.rental.Lending.Reason;
import app.impendium.core.solve.Boundary;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;

/**
 * How a lender lends on let homes. Immutable.
 *
 * @param cover what the rent is measured against
 * @param bands from one to ten, each of another least cover, none of which another makes useless
 * @param bases from one to three, each letting basis once
 */
public record Programme(Cover cover, List<CoverageBand> bands, List<BasisTerms> bases) {
    private static final int MOST_BANDS = 10;
    private static final long UNIT = 100;

    /**
     * @throws CaseException if bands or bases are missing, too many, given twice or never used
     */
    public Programme {
        bands = List.copyOf(bands);
        bases = List.copyOf(bases);
        Findings findings = new Findings();
        findings.someIn(Letting.BANDS, bands.size(), MOST_BANDS);
        findings.someIn(Letting.BASES, bases.size(), LettingBasis.values().length);
        findings.throwIfAny();
        checkBands(bands, findings);
        checkBases(bases, findings);
        findings.throwIfAny();
    }

    /** How it lends on a letting basis; none where it does not. */
    public Optional<BasisTerms> on(LettingBasis basis) {
        return bases.stream().filter(terms -> terms.basis() == basis).findFirst();
    }

    /** The least cover of any band. */
    public BigDecimal leastCover() {
        return bands.stream()
                .map(CoverageBand::leastCover)
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    /**
     * The most that it lends on an option's home: the largest loan in whole units over all bands for which the cover at the band's
     * rate is at or above the band's least, and the loan at or below the lesser share of band and basis; of as much, at the lower
     * rate.
     *
     * @param base the rate to which add-ons are added
     * @param score the clients' credit score; one that is not known refuses nothing
     */
    public Lending mostOn(LoanOption option, AnnualRate base, Money rent, LettingBasis basis, Optional<Integer> score) {
        Optional<BasisTerms> terms = on(basis);
        if (terms.isEmpty()) {
            return new Lending.Nothing(Reason.BASIS);
        }
        if (terms.get().refuses(score)) {
            return new Lending.Nothing(Reason.SCORE);
        }
        Optional<Money> value = option.financing().value();
        if (value.isEmpty()) {
            return new Lending.Nothing(Reason.VALUE);
        }
        Lending.Most best = null;
        for (int band = 0; band < bands.size(); band++) {
            Lending.Most most = mostIn(band, option, base, rent, terms.get(), value.get());
            if (most != null && (best == null || isBetter(most, best))) {
                best = most;
            }
        }
        return best == null ? new Lending.Nothing(Reason.COVER) : best;
    }

    /**
     * The band in which it lends an option's own loan at a rent, the one that adds least where several do; none where it does not
     * lend it.
     *
     * @param addedAlready what a band has added to the option's rate
     * @throws CaseException if there is no such loan
     */
    Optional<CoverageBand> bandOf(
            LoanOption option, Percent addedAlready, Money rent, LettingBasis basis, Optional<Integer> score) {
        Optional<BasisTerms> terms = on(basis).filter(known -> !known.refuses(score));
        Optional<Money> value = option.financing().value();
        if (terms.isEmpty() || value.isEmpty()) {
            return Optional.empty();
        }
        Money loan = option.financing().loanAmount();
        AnnualRate base = without(option.rate().annual(), addedAlready);
        CoverageBand best = null;
        for (CoverageBand band : bands) {
            boolean isBetter =
                    best == null || band.addOn().value().compareTo(best.addOn().value()) < 0;
            if (isBetter
                    && !loan.isAbove(cap(band, terms.get(), value.get()))
                    && covers(band, LetLoan.of(option, band.raised(base), loan), rent, terms.get())) {
                best = band;
            }
        }
        return Optional.ofNullable(best);
    }

    /** A rate without what a band has added to it. */
    public static AnnualRate without(AnnualRate rate, Percent added) {
        return AnnualRate.ofPercent(
                rate.percent().value().subtract(added.value()).max(BigDecimal.ZERO));
    }

    private Lending.Most mostIn(
            int place, LoanOption option, AnnualRate base, Money rent, BasisTerms terms, Money value) {
        CoverageBand band = bands.get(place);
        AnnualRate rate = band.raised(base);
        long most = cap(band, terms, value).cents() / UNIT;
        long least = option.features().balloon().cents() / UNIT + 1;
        OptionalLong found = most < least
                ? OptionalLong.empty()
                : Boundary.largestNear(
                        guess(band, option, rate, rent, terms, least, most),
                        least,
                        most,
                        units -> covers(band, loan(option, rate, units), rent, terms));
        if (found.isEmpty()) {
            return null;
        }
        Binding atCap =
                terms.mostLoanToValue().value().compareTo(band.mostLoanToValue().value()) <= 0
                        ? Binding.BASIS
                        : Binding.BAND;
        return new Lending.Most(
                place,
                rate,
                Money.ofCents(found.getAsLong() * UNIT),
                found.getAsLong() == most ? atCap : Binding.COVER);
    }

    /** Where about the cover is reached: what is to be covered grows evenly with the loan, but for cents. */
    private long guess(
            CoverageBand band,
            LoanOption option,
            AnnualRate rate,
            Money rent,
            BasisTerms terms,
            long least,
            long most) {
        double from = cover.against(loan(option, rate, least)).doubleValue();
        double to = cover.against(loan(option, rate, most)).doubleValue();
        double covered = cover.of(rent, terms.counted()).doubleValue()
                / band.leastCover().doubleValue();
        double units = to > from ? least + (covered - from) / (to - from) * (most - least) : most;
        return (long) Math.max(least, Math.min(most, Math.floor(units)));
    }

    private boolean covers(CoverageBand band, LetLoan loan, Money rent, BasisTerms terms) {
        return cover.isAtLeast(band.leastCover(), loan, rent, terms.counted());
    }

    private static LetLoan loan(LoanOption option, AnnualRate rate, long units) {
        return LetLoan.of(option, rate, Money.ofCents(units * UNIT));
    }

    private static boolean isBetter(Lending.Most most, Lending.Most best) {
        int byLoan = most.loan().compareTo(best.loan());
        return byLoan > 0
                || byLoan == 0
                        && most.rate()
                                        .percent()
                                        .value()
                                        .compareTo(best.rate().percent().value())
                                < 0;
    }

    /** The largest loan that band and basis allow on a value. */
    private static Money cap(CoverageBand band, BasisTerms terms, Money value) {
        BigDecimal percent =
                band.mostLoanToValue().value().min(terms.mostLoanToValue().value());
        return Money.ofCents(percent.multiply(BigDecimal.valueOf(value.cents()))
                .movePointLeft(2)
                .longValue());
    }

    private static void checkBands(List<CoverageBand> bands, Findings findings) {
        for (int i = 0; i < bands.size(); i++) {
            String path = Field.entry(Letting.BANDS, i) + "." + Field.Entry.LEAST_COVER;
            for (int j = 0; j < bands.size(); j++) {
                CoverageBand band = bands.get(i);
                CoverageBand other = bands.get(j);
                Value cover = new Value.Text(band.leastCover().toPlainString());
                boolean isSame = band.leastCover().compareTo(other.leastCover()) == 0;
                if (j < i && isSame) {
                    findings.add(Finding.of(path, Code.BAND_TWICE, cover));
                } else if (i != j && !isSame && other.replaces(band)) {
                    findings.add(Finding.of(
                            path,
                            Code.BAND_NEVER_USED,
                            cover,
                            new Value.Text(other.leastCover().toPlainString())));
                }
            }
        }
    }

    private static void checkBases(List<BasisTerms> bases, Findings findings) {
        Set<LettingBasis> seen = EnumSet.noneOf(LettingBasis.class);
        for (int i = 0; i < bases.size(); i++) {
            if (!seen.add(bases.get(i).basis())) {
                findings.add(Finding.of(Field.entry(Letting.BASES, i) + "." + Field.Entry.BASIS, Code.BASIS_TWICE));
            }
        }
    }
}
