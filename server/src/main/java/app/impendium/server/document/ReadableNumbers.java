package app.impendium.server.document;

import java.math.BigDecimal;
import tools.jackson.core.JsonParser;
import tools.jackson.core.util.JsonParserDelegate;

/**
 * Numbers such as 1e2147483648, whose exponent no decimal can hold, read as the largest exponent that one can: they are refused like
 * other numbers of too many digits, where they stand.
 */
final class ReadableNumbers extends JsonParserDelegate {
    private static final BigDecimal LARGEST_EXPONENT = BigDecimal.ONE.scaleByPowerOfTen(999_999_999);

    ReadableNumbers(JsonParser parser) {
        super(parser);
    }

    @Override
    public BigDecimal getDecimalValue() {
        try {
            return super.getDecimalValue();
        } catch (ArithmeticException | NumberFormatException exponent) {
            return LARGEST_EXPONENT;
        }
    }
}
