package app.impendium.server.household;

import app.impendium.server.csv.CsvLine;
import java.math.BigDecimal;
import java.util.Optional;

/** Amounts of money in a line. */
final class Cents {
    private Cents() {}

    /** The amount in a column in whole cents, which must be there; one with fractions of a cent is refused. */
    static Optional<Long> of(CsvLine line, String column, String field) {
        Optional<BigDecimal> number = line.number(column, field);
        if (number.isPresent() && number.get().stripTrailingZeros().scale() > 2) {
            line.refuse(field, line.text(column));
            return Optional.empty();
        }
        return number.map(amount -> amount.movePointRight(2).longValueExact());
    }

    /** The same where the column may be empty or missing; whether it can be read is told by the line. */
    static Long orNull(CsvLine line, String column, String field) {
        return line.text(column).isEmpty() ? null : of(line, column, field).orElse(null);
    }
}
