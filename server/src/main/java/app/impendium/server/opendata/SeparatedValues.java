package app.impendium.server.opendata;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes lines of separated values (RFC 4180). What a spreadsheet would take for a formula is kept a text. */
final class SeparatedValues {
    private static final Pattern FORMULA = Pattern.compile("[=+@\\t\\r-].*", Pattern.DOTALL);
    private static final Pattern NUMBER = Pattern.compile("[+-]?\\d+(\\.\\d+)?");

    private SeparatedValues() {}

    /** @param lines the first names the columns */
    static String of(List<List<String>> lines, Separator separator) {
        StringBuilder text = new StringBuilder();
        CSVFormat format =
                CSVFormat.RFC4180.builder().setDelimiter(separator.sign()).get();
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
