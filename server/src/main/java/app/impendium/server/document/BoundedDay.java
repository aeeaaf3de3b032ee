package app.impendium.server.document;

import app.impendium.core.loan.Days;
import java.time.DateTimeException;
import java.time.LocalDate;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;

/** Reads the days that a case can speak of, written as 2027-03-01: the one place where days come in. */
final class BoundedDay extends StdScalarDeserializer<LocalDate> {

    BoundedDay() {
        super(LocalDate.class);
    }

    @Override
    public LocalDate deserialize(JsonParser parser, DeserializationContext context) {
        if (parser.currentToken() != JsonToken.VALUE_STRING) {
            return (LocalDate) context.handleUnexpectedToken(LocalDate.class, parser);
        }
        String text = parser.getString();
        try {
            LocalDate day = LocalDate.parse(text);
            if (Days.hold(day)) {
                return day;
            }
        } catch (DateTimeException noDay) {
            // Told below, with what is allowed, as a day out of range is.
        }
        return (LocalDate) context.handleWeirdStringValue(LocalDate.class, text, "no day that a case can speak of");
    }
}
