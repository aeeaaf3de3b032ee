package app.impendium.server.evaluation;

import app.impendium.core.working.Figure;
import app.impendium.core.working.Name;
import app.impendium.core.working.Quantity;
import app.impendium.core.working.Rounding;
import app.impendium.core.working.Rule;
import app.impendium.core.working.Working;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;

/**
 * How one figure is calculated.
 *
 * @param formula the rule in symbols
 * @param source the law or regulation that sets it; empty where it is the arithmetic of the trade
 * @param usedIn where the figure goes on to
 */
public record WorkingView(
        Figure figure,
        Rule rule,
        String formula,
        String source,
        List<QuantityView> inputs,
        List<QuantityView> steps,
        Rounding rounding,
        QuantityView result,
        List<Figure> usedIn) {

    /** What a number in a working counts. */
    public enum Unit {
        AMOUNT,
        PERCENT,
        NUMBER,
        DAY
    }

    /**
     * A number in a working.
     *
     * @param value as a decimal, an amount in units of the currency; or the day
     */
    public record QuantityView(Name name, Unit unit, String value) {
        /** A figure that never ends is cut where it has long ceased to matter. */
        private static final MathContext DIGITS = new MathContext(18, RoundingMode.HALF_EVEN);

        static QuantityView of(Quantity quantity) {
            if (quantity instanceof Quantity.Measured measured) {
                return new QuantityView(
                        measured.name(), Unit.valueOf(measured.unit().name()), digits(measured.value()));
            }
            Quantity.Dated dated = (Quantity.Dated) quantity;
            return new QuantityView(dated.name(), Unit.DAY, dated.day().toString());
        }

        private static String digits(BigDecimal value) {
            return value.precision() <= DIGITS.getPrecision()
                    ? value.toPlainString()
                    : value.round(DIGITS).toPlainString();
        }
    }

    static List<WorkingView> all(List<Working> workings) {
        return workings.stream().map(WorkingView::of).toList();
    }

    private static WorkingView of(Working working) {
        return new WorkingView(
                working.figure(),
                working.rule(),
                working.rule().formula(),
                working.rule().source(),
                working.inputs().stream().map(QuantityView::of).toList(),
                working.steps().stream().map(QuantityView::of).toList(),
                working.rounding(),
                QuantityView.of(working.result()),
                working.figure().usedIn());
    }
}
