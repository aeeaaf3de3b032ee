package app.impendium.core.wish;

import app.impendium.core.OptionEvaluation;
import java.math.BigDecimal;

/** What one lever can do for a wish. */
public sealed interface WishAnswer {

    Lever lever();

    /**
     * The lever's step that meets the wish; one step further does not.
     *
     * @param value in units of the currency, percent, or months, as the lever has it
     * @param figures of the option with the lever there
     */
    record Found(Lever lever, BigDecimal value, OptionEvaluation figures) implements WishAnswer {}

    /** No step meets it, or every one does. */
    record None(Lever lever, String because) implements WishAnswer {}
}
