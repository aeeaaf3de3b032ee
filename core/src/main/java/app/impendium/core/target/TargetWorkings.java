package app.impendium.core.target;

import app.impendium.core.OptionWorkings;
import app.impendium.core.money.Money;
import app.impendium.core.working.Figure;
import app.impendium.core.working.Name;
import app.impendium.core.working.Quantity;
import app.impendium.core.working.Rounding;
import app.impendium.core.working.Rule;
import app.impendium.core.working.Working;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** How the answer to a target is calculated, and the figures of the option with it. */
public final class TargetWorkings {
    private TargetWorkings() {}

    /** One working for the answer itself, and for each figure that the option then has. */
    public static List<Working> of(Target target, TargetAnswer.Found found) {
        List<Quantity> steps = new ArrayList<>(List.of(found.reached()));
        found.reachedAStepFurther()
                .map(further -> further.as(Name.REACHED_A_STEP_FURTHER))
                .ifPresent(steps::add);
        Rule rule = found.isLargest() ? Rule.SOLVED_LARGEST : Rule.SOLVED_SMALLEST;
        List<Working> workings = new ArrayList<>();
        workings.add(
                new Working(Figure.TARGET_ANSWER, rule, List.of(target.limit()), steps, Rounding.NONE, answer(found)));
        workings.addAll(new OptionWorkings(found.figures()).whole());
        return workings;
    }

    private static Quantity answer(TargetAnswer.Found found) {
        BigDecimal value = found.value();
        return switch (found.lever()) {
            case PRICE -> Quantity.amount(Name.PRICE, units(value));
            case LOAN_AMOUNT -> Quantity.amount(Name.LOAN, units(value));
            case DOWN_PAYMENT -> Quantity.amount(Name.DOWN_PAYMENT, units(value));
            case RATE -> Quantity.percent(Name.INTEREST_RATE, value);
            case TERM -> Quantity.number(Name.TERM_MONTHS, value);
            case REGULAR_EXTRA -> Quantity.amount(Name.REGULAR_EXTRA, units(value));
        };
    }

    private static Money units(BigDecimal value) {
        return Money.of(value.toPlainString());
    }
}
