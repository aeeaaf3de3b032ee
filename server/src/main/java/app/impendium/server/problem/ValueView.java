package app.impendium.server.problem;

import app.impendium.core.finding.Value;

/**
 * A value in a finding.
 *
 * @param value as a decimal, an amount in units of the currency; a day as 2027-03-01; else the text
 */
public record ValueView(Unit unit, String value) {

    /** What a value counts. */
    public enum Unit {
        AMOUNT,
        PERCENT,
        NUMBER,
        MONTHS,
        DAY,
        TEXT
    }

    static ValueView of(Value value) {
        if (value instanceof Value.Percentage percentage) {
            return new ValueView(Unit.PERCENT, percentage.written());
        }
        if (value instanceof Value.Months length) {
            return new ValueView(Unit.MONTHS, String.valueOf(length.months()));
        }
        return new ValueView(unitOf(value), value.toString());
    }

    private static Unit unitOf(Value value) {
        if (value instanceof Value.Amount) {
            return Unit.AMOUNT;
        }
        if (value instanceof Value.Count) {
            return Unit.NUMBER;
        }
        return value instanceof Value.Day ? Unit.DAY : Unit.TEXT;
    }
}
