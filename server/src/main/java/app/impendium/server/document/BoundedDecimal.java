package app.impendium.server.document;

import java.math.BigDecimal;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;

/**
 * Reads decimals that a person could have written. A few characters such as 1e999999999 stand for more digits than any
 * memory holds, and must never become such a number's digits.
 */
final class BoundedDecimal extends StdScalarDeserializer<BigDecimal> {
    private static final int MOST_DIGITS = 40;

    BoundedDecimal() {
        super(BigDecimal.class);
    }

    @Override
    public BigDecimal deserialize(JsonParser parser, DeserializationContext context) {
        if (!parser.currentToken().isNumeric()) {
            return (BigDecimal) context.handleUnexpectedToken(BigDecimal.class, parser);
        }
        BigDecimal value = new ReadableNumbers(parser).getDecimalValue();
        if (value.precision() > MOST_DIGITS || Math.abs((long) value.scale()) > MOST_DIGITS) {
            return (BigDecimal) context.handleWeirdNumberValue(BigDecimal.class, value, "too many digits");
        }
        return value;
    }
}
