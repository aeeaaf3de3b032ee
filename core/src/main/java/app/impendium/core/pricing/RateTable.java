package app.impendium.core.pricing;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Table;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Value;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * A practice's rates for one product. Immutable.
 *
 * @param term of the loans that it prices
 * @param offers rates with their points, each rate once; from one to a hundred
 * @param addOns points added by loan-to-value and credit score, at most a hundred
 */
public record RateTable(LoanTerm term, List<RateOffer> offers, List<AddOn> addOns) {
    private static final int MOST = 100;

    /**
     * @throws CaseException if there are too few or too many entries, or a rate twice
     */
    public RateTable {
        offers = offers.stream()
                .sorted(Comparator.comparing(offer -> offer.rate().percent().value()))
                .toList();
        addOns = List.copyOf(addOns);
        Findings findings = new Findings();
        findings.someIn(Table.OFFERS, offers.size(), MOST);
        findings.inRange(Table.ADD_ONS, addOns.size(), 0, MOST);
        findings.throwIfAny();
        Set<BigDecimal> seen = new HashSet<>();
        for (RateOffer offer : offers) {
            if (!seen.add(offer.rate().percent().value())) {
                throw CaseException.of(
                        Table.OFFERS, Code.RATE_TWICE, offer.rate().percent().toValue());
            }
        }
    }

    /**
     * The offers for a loan, what its loan-to-value and score add in their points, from the lowest rate to the highest.
     *
     * @param loanToValue in percent, where it is known
     * @param score the clients' credit score, where it is known; else the one that adds most
     */
    public List<RateOffer> pricedFor(Optional<BigDecimal> loanToValue, Optional<Integer> score) {
        SignedPoints added = sum(addOnsFor(loanToValue, score));
        return offers.stream()
                .map(offer -> new RateOffer(offer.rate(), offer.points().plus(added)))
                .toList();
    }

    /**
     * The add-ons that count for a loan.
     *
     * @param loanToValue in percent, where it is known
     * @param score the clients' credit score, where it is known; else the one that adds most, since any may turn out to be theirs
     */
    public List<AddOn> addOnsFor(Optional<BigDecimal> loanToValue, Optional<Integer> score) {
        List<AddOn> ofShare =
                addOns.stream().filter(addOn -> addOn.appliesTo(loanToValue)).toList();
        IntStream scores = score.isPresent()
                ? IntStream.of(score.get())
                : IntStream.concat(
                        IntStream.of(AddOn.HIGHEST_SCORE), ofShare.stream().mapToInt(AddOn::mostScore));
        return scores.mapToObj(each ->
                        ofShare.stream().filter(addOn -> addOn.appliesTo(each)).toList())
                .max(Comparator.comparing(RateTable::sum))
                .orElseThrow();
    }

    private static SignedPoints sum(List<AddOn> counted) {
        return counted.stream().map(AddOn::points).reduce(SignedPoints.NONE, SignedPoints::plus);
    }

    /** The offer with the most points that an amount pays for on a loan; none where it pays for none. */
    public static Optional<RateOffer> mostPointsFor(Money amount, Money loan, List<RateOffer> priced) {
        return priced.stream()
                .filter(offer -> offer.points().isPositive())
                .filter(offer -> !offer.points().on(loan).isAbove(amount))
                .max(Comparator.comparing(RateOffer::points));
    }

    /** The least that any points of these offers cost on a loan; none where none has points. */
    public static Optional<Value.Amount> leastPoints(Money loan, List<RateOffer> priced) {
        return priced.stream()
                .filter(offer -> offer.points().isPositive())
                .map(offer -> offer.points().on(loan))
                .min(Comparator.naturalOrder())
                .map(Money::toValue);
    }
}
