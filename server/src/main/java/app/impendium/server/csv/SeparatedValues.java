package app.impendium.server.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes lines of separated values (RFC 4180). What a spreadsheet would take for a formula is kept a text. */
public final class SeparatedValues {
    private static final Pattern FORMULA = Pattern.compile("[=+@\\t\\r-].*", Pattern.DOTALL);
    private static final Pattern NUMBER = Pattern.compile("[+-]?\\d+(\\.\\d+)?");

    private SeparatedValues() {}

    /**
     * The lines as a text.
     *
     * @param lines the first names the columns
     * @param separator what stands between two cells
     */
    public static String of(List<List<String>> lines, char separator) {
        StringBuilder text = new StringBuilder();
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

    private static String harmless(String cell) {
        boolean isFormula =
                FORMULA.matcher(cell).matches() && !NUMBER.matcher(cell).matches();
        return isFormula ? "'" + cell : cell;
    }
}
