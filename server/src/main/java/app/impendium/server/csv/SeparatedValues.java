package app.impendium.server.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * Writes lines of separated values (RFC 4180), after a byte order mark, without which spreadsheets misread letters beyond ASCII.
 * What they would take for a formula is kept a text by an apostrophe, which is taken off where a list is read.
 */
public final class SeparatedValues {
    static final char BYTE_ORDER_MARK = '\ufeff';

    /**
     * Blanks before a sign are skipped by some programs, and some take the wide signs for the usual ones. Apostrophes before it count
     * too, so that each cell is read as it was.
     */
    private static final Pattern FORMULA = Pattern.compile(
            "'*[\\s\\p{Z}]*[=+@\\t\\r\\-\\x{ff1d}\\x{ff0b}\\x{ff20}\\x{ff0d}\\x{2212}].*", Pattern.DOTALL);

    private static final Pattern NUMBER = Pattern.compile("[+-]?\\d+(\\.\\d+)?");

    private SeparatedValues() {}

    /**
     * The lines as a text.
     *
     * @param lines the first names the columns
     * @param separator what stands between two cells
     */
    public static String of(List<List<String>> lines, char separator) {
        StringBuilder text = new StringBuilder().append(BYTE_ORDER_MARK);
        CSVFormat format = CSVFormat.RFC4180.builder().setDelimiter(separator).get();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            for (List<String> line : lines) {
                printer.printRecord(line.stream().map(SeparatedValues::harmless).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /** A cell as it was before it was written: without the apostrophe that kept it a text. */
    static String read(String cell) {
        return cell.startsWith("'") && FORMULA.matcher(cell).matches() ? cell.substring(1) : cell;
    }

    private static String harmless(String cell) {
        boolean isFormula =
                FORMULA.matcher(cell).matches() && !NUMBER.matcher(cell).matches();
        return isFormula ? "'" + cell : cell;
    }
}
