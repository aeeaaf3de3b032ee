package app.impendium.server.csv;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Shortened;
import app.impendium.core.finding.Value;
import app.impendium.server.csv.ColumnsView.WantedColumnView;
import app.impendium.server.problem.FieldProblem;
import app.impendium.server.problem.RefusedException;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.http.HttpStatus;
import org.springframework.util.function.SingletonSupplier;

/**
 * Lines of separated values, of which the first names the columns. Commas, semicolons or tabs separate, whichever the first
 * line has; which sign parts decimals is told by the numbers themselves ({@link DecimalSign}). Nothing is read unless every line
 * can be.
 */
public final class CsvTable {
    /** As many lines as tell which sign parts decimals: the rest of a long list is written alike. */
    private static final int TELLING_LINES = 1000;

    private final CsvLayout layout;
    private final List<String> headings;
    private final Map<String, Integer> places;
    private final List<CSVRecord> records;
    /** Told once it is asked for: most lists never ask, and looking through a long one takes its time. */
    private final Supplier<DecimalSign> decimalSign;

    private CsvTable(CsvLayout layout, Map<String, String> byHand, List<CSVRecord> records, char separator) {
        this.layout = layout;
        this.headings = records.isEmpty() ? List.of() : records.get(0).toList();
        this.places = places(layout.columns(), byHand, headings);
        this.records = records.stream().skip(1).toList();
        this.decimalSign = SingletonSupplier.of(() -> decimalSign(this.records, separator));
    }

    /**
     * The table in a text.
     *
     * @param byHand the heading of the column that each of them stands in, or an empty text for none; those that are not named are
     *     found by their names
     * @throws RefusedException if it lacks a column that is needed, a line cannot be told apart from the next, or one is too long
     * @throws CaseException if there are more lines than the list can hold
     */
    public static CsvTable of(String text, CsvLayout layout, Map<String, String> byHand) {
        String plain = !text.isEmpty() && text.charAt(0) == SeparatedValues.BYTE_ORDER_MARK ? text.substring(1) : text;
        char separator = separator(
                plain.lines().filter(line -> !line.isBlank()).findFirst().orElse(""));
        CsvBounds.check(plain, separator);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator)
                .setIgnoreSurroundingSpaces(true)
                .setTrim(true)
                .setIgnoreEmptyLines(false)
                .get();
        CsvTable table = new CsvTable(layout, byHand, records(plain, format, layout.mostLines()), separator);
        if (layout.columns().stream().anyMatch(column -> column.isNeeded() && !table.has(column.name()))) {
            throw table.unknownColumns();
        }
        return table;
    }

    /** Where semicolons stand between values a comma may part decimals; elsewhere a point does unless every number says otherwise. */
    private static DecimalSign decimalSign(List<CSVRecord> lines, char separator) {
        DecimalSign told = DecimalSign.of(lines.stream().limit(TELLING_LINES).flatMap(CSVRecord::stream));
        return told == DecimalSign.UNKNOWN && separator != ';' ? DecimalSign.POINT : told;
    }

    /** Those that say something, the headings first; none where a line cannot be told apart from the next. */
    private static List<CSVRecord> records(String text, CSVFormat format, int mostLines) {
        List<CSVRecord> records = new ArrayList<>();
        int lines = -1;
        try (CSVParser parser = CSVParser.parse(text, format)) {
            for (CSVRecord record : parser) {
                if (!isEmpty(record)) {
                    lines++;
                    if (lines <= mostLines) {
                        records.add(record);
                    }
                }
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException unreadable) {
            return List.of();
        }
        if (lines > mostLines) {
            throw numberOfLines(lines, mostLines);
        }
        return records;
    }

    private static CaseException numberOfLines(int given, int most) {
        return CaseException.of("lines", Code.NUMBER_OF_LINES, new Value.Count(given), new Value.Count(most));
    }

    private static boolean isEmpty(CSVRecord line) {
        return line.stream().allMatch(String::isEmpty);
    }

    private static Map<String, Integer> places(List<Column> wanted, Map<String, String> byHand, List<String> headings) {
        Map<String, Integer> places = new LinkedHashMap<>();
        for (Column column : wanted) {
            String heading = byHand.get(column.name());
            IntStream.range(0, headings.size())
                    .filter(place -> heading == null
                            ? column.isNamed(headings.get(place))
                            : !heading.isEmpty() && heading.equals(headings.get(place)))
                    .findFirst()
                    .ifPresent(place -> places.put(column.name(), place));
        }
        return places;
    }

    /** Whether it has all of these columns. */
    public boolean has(String... names) {
        return Stream.of(names).allMatch(places::containsKey);
    }

    /** What its first line calls the columns. */
    public List<String> headings() {
        return headings;
    }

    /** How its columns were told apart. */
    public ColumnsView columns() {
        return new ColumnsView(
                headings,
                layout.columns().stream()
                        .map(column -> new WantedColumnView(
                                column.name(),
                                column.isNeeded(),
                                Optional.ofNullable(places.get(column.name()))
                                        .map(headings::get)
                                        .orElse(null)))
                        .toList());
    }

    /** What to refuse a table with whose columns are none of those known. */
    public RefusedException unknownColumns() {
        FieldProblem problem = FieldProblem.inBody(Finding.of(
                Field.entry("lines", 1),
                Code.UNKNOWN_COLUMNS,
                new Value.Text(Shortened.echo(String.join(", ", headings))),
                new Value.Text(layout.known())));
        return new RefusedException(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "The columns cannot be told apart",
                problem.message(),
                Map.of("fields", List.of(problem), "columns", columns()));
    }

    /**
     * Its lines.
     *
     * @throws CaseException if there are none
     */
    public List<CsvLine> lines() {
        if (records.isEmpty()) {
            throw numberOfLines(0, layout.mostLines());
        }
        return records.stream()
                .map(line -> new CsvLine(line, places, decimalSign))
                .toList();
    }

    /**
     * What each line says.
     *
     * @param read one line; empty where it cannot be read, which it tells in the line's findings
     * @throws CaseException with everything that is wrong, each at its line: {@code lines[4].ratePercent}
     */
    public <T> List<T> all(Function<CsvLine, Optional<T>> read) {
        Findings findings = new Findings();
        List<T> entries = new ArrayList<>();
        for (CsvLine line : lines()) {
            read.apply(line).ifPresent(entries::add);
            line.findings().forEach(findings::add);
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
}
