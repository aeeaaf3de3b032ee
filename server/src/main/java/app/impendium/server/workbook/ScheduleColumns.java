package app.impendium.server.workbook;

import app.impendium.core.working.Name;
import app.impendium.core.working.Rule;
import java.util.Optional;

/**
 * Where an option's payments stand: the opening balance in row 3, payment n in row n + 3.
 *
 * @param sheet the name of the sheet
 * @param lines how many payments it has room for
 */
record ScheduleColumns(String sheet, int lines) {
    static final int OPENING = 3;
    static final char NUMBER = 'A';
    static final char DAY = 'B';
    static final char RATE = 'C';
    static final char REGULAR = 'D';
    static final char INTEREST = 'E';
    static final char PAID = 'F';
    static final char PRINCIPAL = 'G';
    static final char PLANNED_EXTRA = 'H';
    static final char EXTRA = 'I';
    static final char BALANCE = 'J';

    /** All payments of a column. */
    String all(char column) {
        return "'" + sheet + "'!$" + column + "$" + (OPENING + 1) + ":$" + column + "$" + (OPENING + lines);
    }

    /** The cell of a payment. */
    String cell(char column, int payment) {
        return "'" + sheet + "'!$" + column + "$" + (OPENING + payment);
    }

    /** What is paid first. */
    String first() {
        return cell(PAID, 1);
    }

    /** A figure that is read off the schedule; none for those of other rules. */
    Optional<String> formula(Rule rule, OptionNames names) {
        return switch (rule) {
            case NUMBER_OF_PAYMENTS -> Optional.of("COUNTIF(" + all(PAID) + ",\">0\")");
            case SUM_OF_INTEREST -> Optional.of(Cents.whole("SUM(" + all(INTEREST) + ")"));
            case SUM_OF_PAYMENTS -> Optional.of(Cents.whole("SUM(" + all(PAID) + ")+SUM(" + all(EXTRA) + ")"));
            case LAST_PAYMENT, LAST_PAYMENT_BESIDE_EXTRA ->
                Optional.of("INDEX(" + all(PAID) + "," + names.of(Name.PAYMENTS) + ")");
            case PAYOFF_DATE -> Optional.of("INDEX(" + all(DAY) + "," + names.of(Name.PAYMENTS) + ")");
            default -> Optional.empty();
        };
    }
}
