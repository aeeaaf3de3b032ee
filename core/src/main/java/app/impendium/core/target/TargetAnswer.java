package app.impendium.core.target;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.working.Quantity;
import java.math.BigDecimal;
import java.util.Optional;

/** What one lever can do for a target. */
public sealed interface TargetAnswer {

    Lever lever();

    /**
     * The lever's step that meets the target; one step further does not.
     *
     * @param value in units of the currency, percent, or months, as the lever has it
     * @param isLargest whether it is the largest step that meets the target, else the smallest
     * @param figures of the option with the lever there
     * @param reached what it comes to in respect of the target
     * @param reachedAStepFurther what it would come to one step further; none where a loan has no figures there
     */
    record Found(
            Lever lever,
            BigDecimal value,
            boolean isLargest,
            OptionEvaluation figures,
            Quantity reached,
            Optional<Quantity> reachedAStepFurther)
            implements TargetAnswer {}

    /** Why no step of a lever can be named. */
    enum Reason {
        /** The loan has no figures where the lever stands. */
        NO_FIGURES,
        /** Every step meets it. */
        ALWAYS_MET,
        /** No step meets it. */
        NEVER_MET
    }

    /**
     * No step meets it, or every one does.
     *
     * @param nearest what the step that misses it least comes to, where none meets it
     */
    record None(Lever lever, Reason because, Optional<Quantity> nearest) implements TargetAnswer {}
}
