package app.impendium.server.csv;

import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Value;
import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Supplier;
import org.apache.commons.csv.CSVRecord;

/** A line of a table. What cannot be read in it is told in its findings. */
public final class CsvLine {
    private static final int MOST_DIGITS = 14;
    private static final int MOST_ECHOED = 48;

    private final CSVRecord record;
    private final boolean hasDecimalComma;
    private final Findings findings;

    CsvLine(CSVRecord record, boolean hasDecimalComma, Findings findings) {
        this.record = record;
        this.hasDecimalComma = hasDecimalComma;
        this.findings = findings;
    }

    /** An id for what the line says. */
    public String id() {
        return "line-" + number();
    }

    /** What stands in a column; empty where nothing does, or there is no such column. */
    public String text(String column) {
        return record.isSet(column) ? record.get(column) : "";
    }

    /**
     * The number in a column, which must be there.
     *
     * @param field what is told of it where it is none
     */
    public Optional<BigDecimal> number(String column, String field) {
        String given = text(column);
        String plain = plain(given);
        if (plain.isEmpty() || plain.length() > MOST_DIGITS || !plain.matches("[-−+]?\\d*\\.?\\d+")) {
            refuse(field, given);
            return Optional.empty();
        }
        return Optional.of(new BigDecimal(plain.replace('−', '-')));
    }

    /** The whole number in a column, which must be there. */
    public Optional<Integer> whole(String column, String field) {
        Optional<BigDecimal> number = number(column, field);
        if (number.isPresent() && number.get().stripTrailingZeros().scale() > 0) {
            refuse(field, text(column));
            return Optional.empty();
        }
        return number.map(BigDecimal::intValue);
    }

    /** What the line says as a whole, unless it has no meaning, which is then told. */
    public <T> Optional<T> group(Supplier<T> make) {
        return findings.group(path(), make);
    }

    /** Tells that what stands at a field is none of what may. */
    public void refuse(String field, String given) {
        findings.add(Finding.of(path() + "." + field, Code.NOT_A_NUMBER, new Value.Text(shortened(given))));
    }

    /** Tells that a word at a field is none of those that are known. */
    public void refuseWord(String field, String given, String known) {
        findings.add(Finding.of(
                path() + "." + field, Code.UNKNOWN_WORD, new Value.Text(shortened(given)), new Value.Text(known)));
    }

    /** Without signs of currency and percent, and with a point as the decimal sign. */
    private String plain(String given) {
        String bare = given.replaceAll("[%$£€\\s\u00a0\u202f']", "");
        return hasDecimalComma ? bare.replace(".", "").replace(',', '.') : bare.replaceAll(",(?=\\d{3}(\\D|$))", "");
    }

    private String path() {
        return Field.entry("lines", (int) number());
    }

    /** The first line is the one that names the columns. */
    private long number() {
        return record.getRecordNumber() + 1;
    }

    static String shortened(String text) {
        return text.length() <= MOST_ECHOED ? text : text.substring(0, MOST_ECHOED) + "…";
    }
}
