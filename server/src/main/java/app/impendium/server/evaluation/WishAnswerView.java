package app.impendium.server.evaluation;

import app.impendium.core.wish.Lever;
import app.impendium.core.wish.WishAnswer;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;

/**
 * What one lever can do for a wish.
 *
 * @param value the step that meets it, in cents, percent or months as the lever has it; absent where none does
 * @param isLargest whether it is the largest step that meets it, else the smallest; absent where none does
 * @param because why there is none; absent where there is one
 * @param figures of the option with the lever there; absent where there is none
 */
public record WishAnswerView(
        Lever lever,
        @Schema(nullable = true) BigDecimal value,
        @Schema(nullable = true) Boolean isLargest,
        @Schema(nullable = true) String because,
        @Schema(nullable = true) OptionView figures) {

    static WishAnswerView of(WishAnswer answer) {
        if (answer instanceof WishAnswer.Found found) {
            return new WishAnswerView(
                    found.lever(),
                    inDocument(found.lever(), found.value()),
                    found.isLargest(),
                    null,
                    OptionView.of(found.figures()));
        }
        return new WishAnswerView(answer.lever(), null, null, ((WishAnswer.None) answer).because(), null);
    }

    private static BigDecimal inDocument(Lever lever, BigDecimal value) {
        return switch (lever) {
            case PRICE, LOAN_AMOUNT, MONEY_DOWN, REGULAR_EXTRA -> value.movePointRight(2);
            case RATE, TERM -> value;
        };
    }
}
