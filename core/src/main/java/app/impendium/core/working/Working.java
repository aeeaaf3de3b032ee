package app.impendium.core.working;

import java.util.ArrayList;
import java.util.List;

/**
 * How one figure is calculated. Immutable.
 *
 * @param inputs what it is calculated from
 * @param steps the numbers in between, in order; last, what is told beside the result
 * @param result the figure
 */
public record Working(
        Figure figure, Rule rule, List<Quantity> inputs, List<Quantity> steps, Rounding rounding, Quantity result) {

    public Working {
        inputs = List.copyOf(inputs);
        steps = List.copyOf(steps);
    }

    static Draft of(Figure figure, Rule rule) {
        return new Draft(figure, rule);
    }

    /** A working being written down. */
    static final class Draft {
        private final Figure figure;
        private final Rule rule;
        private final List<Quantity> inputs = new ArrayList<>();
        private final List<Quantity> steps = new ArrayList<>();

        private Draft(Figure figure, Rule rule) {
            this.figure = figure;
            this.rule = rule;
        }

        Draft given(Quantity... quantities) {
            inputs.addAll(List.of(quantities));
            return this;
        }

        Draft then(Quantity... quantities) {
            steps.addAll(List.of(quantities));
            return this;
        }

        Working gives(Quantity result, Rounding rounding) {
            return new Working(figure, rule, inputs, steps, rounding, result);
        }
    }
}
