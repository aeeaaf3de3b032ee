package app.impendium.server.rates;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field.Entry;
import app.impendium.server.csv.Column;
import app.impendium.server.csv.CsvLayout;
import app.impendium.server.csv.CsvLine;
import app.impendium.server.csv.CsvTable;
import app.impendium.server.document.RateTableDocument.AddOnDocument;
import app.impendium.server.document.RateTableDocument.OfferDocument;
import app.impendium.server.evaluation.RateTableReader;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Reads rates with their points ({@code rate, points}), or what is added to them ({@code ltv above, ltv up to, score from,
 * score to, points}), from separated values.
 */
final class RateCsv {
    private static final int MOST_LINES = 100;
    private static final String KNOWN = "rate, points; or ltv above, ltv up to, score from, score to, points";
    private static final String RATE = "rate";
    private static final String POINTS = "points";
    private static final String LTV_ABOVE = "ltv above";
    private static final String LTV_UP_TO = "ltv up to";
    private static final String SCORE_FROM = "score from";
    private static final String SCORE_TO = "score to";

    /** None is needed by itself: which of them are there tells which of the two it is. */
    private static final CsvLayout LAYOUT = new CsvLayout(
            KNOWN,
            Stream.of(RATE, POINTS, LTV_ABOVE, LTV_UP_TO, SCORE_FROM, SCORE_TO)
                    .map(Column::optional)
                    .toList(),
            MOST_LINES);

    private RateCsv() {}

    /**
     * The entries of a text.
     *
     * @param byHand the headings of columns that their names do not tell
     * @throws app.impendium.server.problem.RefusedException if its columns are of neither kind
     * @throws CaseException with everything that is wrong, each at its line: {@code lines[4].ratePercent}
     */
    static RateEntriesView read(String text, Map<String, String> byHand) {
        CsvTable table = CsvTable.of(text, LAYOUT, byHand);
        if (table.has(LTV_ABOVE, LTV_UP_TO, SCORE_FROM, SCORE_TO, POINTS)) {
            return new RateEntriesView(List.of(), table.all(RateCsv::addOn));
        }
        if (table.has(RATE, POINTS)) {
            return new RateEntriesView(table.all(RateCsv::offer), List.of());
        }
        throw table.unknownColumns();
    }

    private static Optional<OfferDocument> offer(CsvLine line) {
        Optional<BigDecimal> rate = line.number(RATE, Entry.RATE);
        Optional<BigDecimal> points = line.number(POINTS, Entry.POINTS);
        if (rate.isEmpty() || points.isEmpty()) {
            return Optional.empty();
        }
        OfferDocument offer = new OfferDocument(line.id(), rate.get(), points.get());
        return line.group(() -> {
            RateTableReader.offer(offer);
            return offer;
        });
    }

    private static Optional<AddOnDocument> addOn(CsvLine line) {
        Optional<BigDecimal> above = line.number(LTV_ABOVE, "aboveLoanToValuePercent");
        Optional<BigDecimal> upTo = line.number(LTV_UP_TO, Entry.UP_TO_LOAN_TO_VALUE);
        Optional<Integer> least = line.whole(SCORE_FROM, Entry.LEAST_SCORE);
        Optional<Integer> most = line.whole(SCORE_TO, Entry.MOST_SCORE);
        Optional<BigDecimal> points = line.number(POINTS, Entry.POINTS);
        if (above.isEmpty() || upTo.isEmpty() || least.isEmpty() || most.isEmpty() || points.isEmpty()) {
            return Optional.empty();
        }
        AddOnDocument addOn =
                new AddOnDocument(line.id(), above.get(), upTo.get(), least.get(), most.get(), points.get());
        return line.group(() -> {
            RateTableReader.addOn(addOn);
            return addOn;
        });
    }
}
