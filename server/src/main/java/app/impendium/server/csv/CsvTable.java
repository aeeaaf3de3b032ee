package app.impendium.server.csv;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Value;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Lines of separated values, of which the first names the columns. Commas, semicolons or tabs separate, whichever the first
 * line has; where it is semicolons, a comma is the decimal sign. Nothing is read unless every line can be.
 */
public final class CsvTable {
    private static final char BYTE_ORDER_MARK = '\ufeff';

    private final String head;
    private final String known;
    private final List<String> columns;
    private final List<CSVRecord> records;
    private final boolean hasDecimalComma;

    private CsvTable(
            String head, String known, List<String> columns, List<CSVRecord> records, boolean hasDecimalComma) {
        this.head = head;
        this.known = known;
        this.columns = columns;
        this.records = records;
        this.hasDecimalComma = hasDecimalComma;
    }

    /**
     * The table in a text.
     *
     * @param known the columns that it can have, in words
     * @throws CaseException if its first line names no columns, or a line cannot be told apart from the next
     */
    public static CsvTable of(String text, String known) {
        String plain = !text.isEmpty() && text.charAt(0) == BYTE_ORDER_MARK ? text.substring(1) : text;
        String head = plain.lines().findFirst().orElse("");
        char separator = separator(head);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setIgnoreSurroundingSpaces(true)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = CSVParser.parse(plain, format)) {
            List<String> columns = parser.getHeaderNames().stream()
                    .map(name -> name.toLowerCase(Locale.ROOT))
                    .toList();
            return new CsvTable(head, known, columns, parser.getRecords(), separator == ';');
        } catch (IOException | UncheckedIOException | IllegalArgumentException unreadable) {
            throw unknownColumns(head, known);
        }
    }

    /** Whether it has all of these columns. */
    public boolean has(String... names) {
        return columns.containsAll(Arrays.asList(names));
    }

    /** What to refuse a table with whose columns are none of those known. */
    public CaseException unknownColumns() {
        return unknownColumns(head, known);
    }

    /**
     * What each line says.
     *
     * @param most lines that there may be
     * @param read one line; empty where it cannot be read, which it tells in the line's findings
     * @throws CaseException with everything that is wrong, each at its line: {@code lines[4].ratePercent}
     */
    public <T> List<T> all(int most, Function<CsvLine, Optional<T>> read) {
        Findings findings = new Findings();
        if (records.isEmpty() || records.size() > most) {
            throw CaseException.of(
                    "lines", Code.NUMBER_OF_LINES, new Value.Count(records.size()), new Value.Count(most));
        }
        List<T> entries = new ArrayList<>();
        for (CSVRecord record : records) {
            read.apply(new CsvLine(record, hasDecimalComma, findings)).ifPresent(entries::add);
        }
        findings.throwIfAny();
        return entries;
    }

    private static char separator(String head) {
        if (head.contains(";")) {
            return ';';
        }
        return head.contains("\t") ? '\t' : ',';
    }

    private static CaseException unknownColumns(String head, String known) {
        return CaseException.of(
                Field.entry("lines", 1),
                Code.UNKNOWN_COLUMNS,
                new Value.Text(CsvLine.shortened(head)),
                new Value.Text(known));
    }
}
