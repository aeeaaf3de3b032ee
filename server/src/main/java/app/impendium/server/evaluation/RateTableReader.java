package app.impendium.server.evaluation;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Field.Table;
import app.impendium.core.finding.Findings;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.money.Percent;
import app.impendium.core.pricing.AddOn;
import app.impendium.core.pricing.RateOffer;
import app.impendium.core.pricing.RateTable;
import app.impendium.core.pricing.SignedPoints;
import app.impendium.core.rate.AnnualRate;
import app.impendium.server.document.RateTableDocument;
import app.impendium.server.document.RateTableDocument.AddOnDocument;
import app.impendium.server.document.RateTableDocument.OfferDocument;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Turns a rate table as it is written into the one that the computation knows. */
public final class RateTableReader {
    private static final int MOST_NAME_CHARACTERS = 60;

    private final Findings findings = new Findings();

    private RateTableReader() {}

    /**
     * The table of a document.
     *
     * @throws CaseException if anything in it has no meaning, with every finding
     */
    public static RateTable read(RateTableDocument document) {
        return new RateTableReader().table(document);
    }

    private RateTable table(RateTableDocument document) {
        Needed.text("name", document.name(), 1, MOST_NAME_CHARACTERS, findings);
        Needed.isThere("day", document.day(), findings);
        Needed.isThere("simulated", document.simulated(), findings);
        Optional<LoanTerm> term = Needed.value("termMonths", document.termMonths(), findings)
                .flatMap(months -> findings.field("termMonths", () -> new LoanTerm(months)));
        Needed.ids(Table.OFFERS, document.offers(), findings);
        Needed.ids(Table.ADD_ONS, document.addOns(), findings);
        List<RateOffer> offers = entries(Table.OFFERS, document.offers(), RateTableReader::offer);
        List<AddOn> addOns = entries(Table.ADD_ONS, document.addOns(), RateTableReader::addOn);
        findings.throwIfAny();
        return new RateTable(term.orElseThrow(), offers, addOns);
    }

    private <D, T> List<T> entries(String list, List<D> given, Function<D, T> read) {
        List<T> entries = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            D entry = given.get(i);
            if (entry != null) {
                findings.group(Field.entry(list, i), () -> read.apply(entry)).ifPresent(entries::add);
            }
        }
        return entries;
    }

    /** An offer, by itself. */
    public static RateOffer offer(OfferDocument given) {
        Findings findings = new Findings();
        Optional<AnnualRate> rate = Needed.value(Entry.RATE, given.ratePercent(), findings)
                .flatMap(percent -> findings.field(Entry.RATE, () -> AnnualRate.ofPercent(percent)));
        Optional<SignedPoints> points = Needed.value(Entry.POINTS, given.pointsPercent(), findings)
                .flatMap(percent -> findings.group("", () -> new SignedPoints(percent)));
        findings.throwIfAny();
        return new RateOffer(rate.orElseThrow(), points.orElseThrow());
    }

    /** An add-on, by itself. */
    public static AddOn addOn(AddOnDocument given) {
        Findings findings = new Findings();
        Optional<Percent> above = Needed.value("aboveLoanToValuePercent", given.aboveLoanToValuePercent(), findings)
                .flatMap(percent -> findings.field("aboveLoanToValuePercent", () -> new Percent(percent)));
        Optional<Percent> upTo = Needed.value(Entry.UP_TO_LOAN_TO_VALUE, given.upToLoanToValuePercent(), findings)
                .flatMap(percent -> findings.field(Entry.UP_TO_LOAN_TO_VALUE, () -> new Percent(percent)));
        Needed.isThere(Entry.LEAST_SCORE, given.leastScore(), findings);
        Needed.isThere(Entry.MOST_SCORE, given.mostScore(), findings);
        Optional<SignedPoints> points = Needed.value(Entry.POINTS, given.pointsPercent(), findings)
                .flatMap(percent -> findings.group("", () -> new SignedPoints(percent)));
        findings.throwIfAny();
        return new AddOn(
                above.orElseThrow(), upTo.orElseThrow(), given.leastScore(), given.mostScore(), points.orElseThrow());
    }
}
