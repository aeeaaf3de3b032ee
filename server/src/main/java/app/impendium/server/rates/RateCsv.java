package app.impendium.server.rates;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Value;
import app.impendium.server.document.RateTableDocument.AddOnDocument;
import app.impendium.server.document.RateTableDocument.OfferDocument;
import app.impendium.server.evaluation.RateTableReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads rates with their points ({@code rate, points}), or what is added to them ({@code ltv above, ltv up to, score from,
 * score to, points}), from comma-separated values. Where the first line has semicolons, they separate, and a comma is the
 * decimal sign. Nothing is read unless every line can be.
 */
final class RateCsv {
    private static final int MOST_LINES = 100;
    private static final int MOST_DIGITS = 12;
    private static final String RATE = "rate";
    private static final String POINTS = "points";
    private static final String LTV_ABOVE = "ltv above";
    private static final String LTV_UP_TO = "ltv up to";
    private static final String SCORE_FROM = "score from";
    private static final String SCORE_TO = "score to";

    private final Findings findings = new Findings();
    private final boolean hasDecimalComma;

    private RateCsv(boolean hasDecimalComma) {
        this.hasDecimalComma = hasDecimalComma;
    }

    /**
     * The entries of a text.
     *
     * @throws CaseException with everything that is wrong, each at its line: {@code lines[4].ratePercent}
     */
    static RateEntriesView read(String text) {
        String head = text.lines().findFirst().orElse("");
        boolean hasSemicolons = head.contains(";");
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(hasSemicolons ? ';' : ',')
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setIgnoreSurroundingSpaces(true)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = CSVParser.parse(text, format)) {
            return new RateCsv(hasSemicolons).entries(parser, head);
        } catch (IOException | UncheckedIOException | IllegalArgumentException unreadable) {
            throw CaseException.of(line(1), Code.UNKNOWN_COLUMNS, new Value.Text(shortened(head)));
        }
    }

    private RateEntriesView entries(CSVParser parser, String head) {
        List<String> columns = parser.getHeaderNames().stream()
                .map(name -> name.toLowerCase(Locale.ROOT))
                .toList();
        RateEntriesView entries;
        if (columns.containsAll(List.of(LTV_ABOVE, LTV_UP_TO, SCORE_FROM, SCORE_TO, POINTS))) {
            entries = new RateEntriesView(List.of(), all(parser, this::addOn));
        } else if (columns.containsAll(List.of(RATE, POINTS))) {
            entries = new RateEntriesView(all(parser, this::offer), List.of());
        } else {
            throw CaseException.of(line(1), Code.UNKNOWN_COLUMNS, new Value.Text(shortened(head)));
        }
        findings.throwIfAny();
        return entries;
    }

    private <T> List<T> all(CSVParser parser, Function<CSVRecord, Optional<T>> read) {
        List<T> entries = new ArrayList<>();
        for (CSVRecord record : parser) {
            if (record.getRecordNumber() > MOST_LINES) {
                findings.inRange("lines", record.getRecordNumber(), 1, MOST_LINES);
                return entries;
            }
            read.apply(record).ifPresent(entries::add);
        }
        findings.inRange("lines", entries.size() + findings.all().size(), 1, MOST_LINES);
        return entries;
    }

    private Optional<OfferDocument> offer(CSVRecord record) {
        Optional<BigDecimal> rate = number(record, RATE, Entry.RATE);
        Optional<BigDecimal> points = number(record, POINTS, Entry.POINTS);
        if (rate.isEmpty() || points.isEmpty()) {
            return Optional.empty();
        }
        OfferDocument offer = new OfferDocument(id(record), rate.get(), points.get());
        return findings.group(line(lineOf(record)), () -> {
            RateTableReader.offer(offer);
            return offer;
        });
    }

    private Optional<AddOnDocument> addOn(CSVRecord record) {
        Optional<BigDecimal> above = number(record, LTV_ABOVE, "aboveLoanToValuePercent");
        Optional<BigDecimal> upTo = number(record, LTV_UP_TO, Entry.UP_TO_LOAN_TO_VALUE);
        Optional<Integer> least = whole(record, SCORE_FROM, Entry.LEAST_SCORE);
        Optional<Integer> most = whole(record, SCORE_TO, Entry.MOST_SCORE);
        Optional<BigDecimal> points = number(record, POINTS, Entry.POINTS);
        if (above.isEmpty() || upTo.isEmpty() || least.isEmpty() || most.isEmpty() || points.isEmpty()) {
            return Optional.empty();
        }
        AddOnDocument addOn =
                new AddOnDocument(id(record), above.get(), upTo.get(), least.get(), most.get(), points.get());
        return findings.group(line(lineOf(record)), () -> {
            RateTableReader.addOn(addOn);
            return addOn;
        });
    }

    private Optional<Integer> whole(CSVRecord record, String column, String field) {
        Optional<BigDecimal> number = number(record, column, field);
        if (number.isPresent() && number.get().stripTrailingZeros().scale() > 0) {
            refuse(record, field, number.get().toPlainString());
            return Optional.empty();
        }
        return number.map(BigDecimal::intValue);
    }

    private Optional<BigDecimal> number(CSVRecord record, String column, String field) {
        String given = record.isSet(column) ? record.get(column) : "";
        String plain = (hasDecimalComma ? given.replace(',', '.') : given)
                .replace("%", "")
                .strip();
        if (plain.isEmpty() || plain.length() > MOST_DIGITS || !plain.matches("[-−+]?\\d*\\.?\\d+")) {
            refuse(record, field, given);
            return Optional.empty();
        }
        return Optional.of(new BigDecimal(plain.replace('−', '-')));
    }

    private void refuse(CSVRecord record, String field, String given) {
        findings.add(
                Finding.of(line(lineOf(record)) + "." + field, Code.NOT_A_NUMBER, new Value.Text(shortened(given))));
    }

    /** The first line is the one that names the columns. */
    private static long lineOf(CSVRecord record) {
        return record.getRecordNumber() + 1;
    }

    private static String line(long number) {
        return Field.entry("lines", (int) number);
    }

    private static String id(CSVRecord record) {
        return "line-" + lineOf(record);
    }

    private static String shortened(String text) {
        return text.length() <= MOST_DIGITS * 4 ? text : text.substring(0, MOST_DIGITS * 4) + "…";
    }
}
