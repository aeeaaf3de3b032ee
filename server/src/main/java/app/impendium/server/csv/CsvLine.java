package app.impendium.server.csv;

import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Shortened;
import app.impendium.core.finding.Value;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVRecord;

/** A line of a table. What cannot be read in it is told in its findings. */
public final class CsvLine {
    private static final int MOST_DIGITS = 14;
    private static final int MOST_CHARACTERS = 40;
    private static final BigDecimal MOST_WHOLE = BigDecimal.valueOf(Integer.MAX_VALUE);
    private static final Pattern SLASHED_DAY = Pattern.compile("(\\d{1,2})[/.](\\d{1,2})[/.](\\d{4})");

    private final CSVRecord record;
    private final Map<String, Integer> places;
    private final Supplier<DecimalSign> decimalSign;
    private final Findings findings = new Findings();

    /** @param places where each column that is there stands in it, from 0 */
    CsvLine(CSVRecord record, Map<String, Integer> places, Supplier<DecimalSign> decimalSign) {
        this.record = record;
        this.places = places;
        this.decimalSign = decimalSign;
    }

    /** An id for what the line says. */
    public String id() {
        return "line-" + number();
    }

    /** What stands in a column; empty where nothing does, or there is no such column. */
    public String text(String column) {
        Integer place = places.get(column);
        return place != null && place < record.size() ? SeparatedValues.read(record.get(place)) : "";
    }

    /** All that it says, cell by cell. */
    public List<String> cells() {
        return record.toList().stream().map(SeparatedValues::read).toList();
    }

    /**
     * The number in a column, which must be there.
     *
     * @param field what is told of it where it is none
     */
    public Optional<BigDecimal> number(String column, String field) {
        String given = text(column);
        Optional<String> plain =
                given.length() > MOST_CHARACTERS ? Optional.empty() : DecimalSign.plain(given, decimalSign);
        if (plain.isEmpty() || plain.get().length() > MOST_DIGITS) {
            refuse(field, given);
            return Optional.empty();
        }
        return Optional.of(new BigDecimal(plain.get().replace('−', '-')));
    }

    /**
     * The amount in a column in whole cents, which must be there; one with fractions of a cent is refused.
     *
     * @param field what is told of it where it is none
     */
    public Optional<Long> cents(String column, String field) {
        Optional<BigDecimal> number = number(column, field);
        if (number.isPresent() && number.get().stripTrailingZeros().scale() > 2) {
            refuse(field, text(column));
            return Optional.empty();
        }
        return number.map(amount -> amount.movePointRight(2).longValueExact());
    }

    /** The same, null where the column is empty or missing; whether it can be read is told in the findings. */
    public Long centsOrNull(String column, String field) {
        return text(column).isEmpty() ? null : cents(column, field).orElse(null);
    }

    /**
     * The day in a column, which must be there, as 2027-03-01, or as 3/1/2027 in the order of the month.
     *
     * @param field what is told of it where it is none
     */
    public Optional<LocalDate> day(String column, String field, boolean isMonthFirst) {
        String given = text(column);
        Matcher slashed = SLASHED_DAY.matcher(given);
        try {
            if (!slashed.matches()) {
                return Optional.of(LocalDate.parse(given));
            }
            int first = Integer.parseInt(slashed.group(1));
            int second = Integer.parseInt(slashed.group(2));
            int year = Integer.parseInt(slashed.group(3));
            return Optional.of(isMonthFirst ? LocalDate.of(year, first, second) : LocalDate.of(year, second, first));
        } catch (DateTimeException noDay) {
            findings.add(Finding.of(path() + "." + field, Code.NOT_A_DAY, new Value.Text(Shortened.echo(given))));
            return Optional.empty();
        }
    }

    /** The whole number in a column, which must be there. */
    public Optional<Integer> whole(String column, String field) {
        Optional<BigDecimal> number = number(column, field);
        boolean isCount = number.filter(given -> given.abs().compareTo(MOST_WHOLE) <= 0)
                .filter(given -> given.stripTrailingZeros().scale() <= 0)
                .isPresent();
        if (number.isPresent() && !isCount) {
            refuse(field, text(column));
            return Optional.empty();
        }
        return number.map(BigDecimal::intValueExact);
    }

    /** What the line says as a whole, unless it has no meaning, which is then told. */
    public <T> Optional<T> group(Supplier<T> make) {
        return findings.group(path(), make);
    }

    /** Tells of findings that name a field of the line. */
    public void refuseAll(List<Finding> found) {
        found.forEach(finding -> findings.add(finding.within(path())));
    }

    /** Everything that is wrong in it. */
    public List<Finding> findings() {
        return findings.all();
    }

    /** Tells that what stands at a field is none of what may. */
    public void refuse(String field, String given) {
        findings.add(Finding.of(path() + "." + field, Code.NOT_A_NUMBER, new Value.Text(Shortened.echo(given))));
    }

    /** Tells that a word at a field is none of those that are known. */
    public void refuseWord(String field, String given, String known) {
        findings.add(Finding.of(
                path() + "." + field, Code.UNKNOWN_WORD, new Value.Text(Shortened.echo(given)), new Value.Text(known)));
    }

    private String path() {
        return Field.entry("lines", (int) number());
    }

    /** Counted from 1, which is the line that names the columns. */
    private long number() {
        return record.getRecordNumber();
    }
}
