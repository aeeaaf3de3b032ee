package app.impendium.server.evaluation;

import app.impendium.core.target.Lever;
import app.impendium.core.target.TargetAnswer;
import app.impendium.server.evaluation.WorkingView.QuantityView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;

/**
 * What one lever can do for a target.
 *
 * @param value the step that meets it, in cents, percent or months as the lever has it; absent where none does
 * @param isLargest whether it is the largest step that meets it, else the smallest; absent where none does
 * @param because why there is none; absent where there is one
 * @param nearest what the step that misses the target least comes to; absent where there is none such
 * @param figures of the option with the lever there; absent where there is none
 */
public record TargetAnswerView(
        Lever lever,
        @Schema(nullable = true) BigDecimal value,
        @Schema(nullable = true) Boolean isLargest,
        @Schema(nullable = true) TargetAnswer.Reason because,
        @Schema(nullable = true) QuantityView nearest,
        @Schema(nullable = true) OptionView figures) {

    static TargetAnswerView of(TargetAnswer answer) {
        if (answer instanceof TargetAnswer.Found found) {
            return new TargetAnswerView(
                    found.lever(),
                    inDocument(found.lever(), found.value()),
                    found.isLargest(),
                    null,
                    null,
                    OptionView.of(found.figures()));
        }
        TargetAnswer.None none = (TargetAnswer.None) answer;
        QuantityView nearest = none.nearest().map(QuantityView::of).orElse(null);
        return new TargetAnswerView(answer.lever(), null, null, none.because(), nearest, null);
    }

    private static BigDecimal inDocument(Lever lever, BigDecimal value) {
        return switch (lever) {
            case PRICE, LOAN_AMOUNT, DOWN_PAYMENT, REGULAR_EXTRA -> value.movePointRight(2);
            case RATE, TERM -> value;
        };
    }
}
