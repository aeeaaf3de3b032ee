package app.impendium.core.wish;

import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.working.Quantity;
import java.math.BigDecimal;
import java.util.Optional;

/** What one lever can do for a wish. */
public sealed interface WishAnswer {

    Lever lever();

    /**
     * The lever's step that meets the wish; one step further does not.
     *
     * @param value in units of the currency, percent, or months, as the lever has it
     * @param isLargest whether it is the largest step that meets the wish, else the smallest
     * @param option with the lever there
     * @param figures of that option
     * @param reached what it comes to in respect of the wish
     * @param reachedAStepFurther what it would come to one step further; none where a loan has no figures there
     */
    record Found(
            Lever lever,
            BigDecimal value,
            boolean isLargest,
            LoanOption option,
            OptionEvaluation figures,
            Quantity reached,
            Optional<Quantity> reachedAStepFurther)
            implements WishAnswer {}

    /** No step meets it, or every one does. */
    record None(Lever lever, String because) implements WishAnswer {}
}
