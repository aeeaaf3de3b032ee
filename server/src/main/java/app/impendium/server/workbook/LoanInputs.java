package app.impendium.server.workbook;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.working.Name;
import app.impendium.core.working.Quantity;
import app.impendium.core.working.Quantity.Measured;
import app.impendium.core.working.Working;
import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Which numbers of an option are put in, and where each number of its workings stands. */
final class LoanInputs {
    private final OptionEvaluation figures;
    private final OptionNames names;
    private final List<Working> workings;
    private final DerivedNumbers derived;
    private final Map<Name, Measured> inputs = new LinkedHashMap<>();
    private final Map<String, Measured> apart = new LinkedHashMap<>();
    private final Map<Name, BigDecimal> results = new EnumMap<>(Name.class);

    LoanInputs(OptionEvaluation figures, OptionNames names, List<Working> workings, DerivedNumbers derived) {
        this.figures = figures;
        this.names = names;
        this.workings = workings;
        this.derived = derived;
        gather();
    }

    /** Those that formulas follow, by their names. */
    Map<Name, Measured> followed() {
        return inputs;
    }

    /** Those that stand for one figure alone, by their cells. */
    Map<String, Measured> apart() {
        return apart;
    }

    /** Which numbers are put in: those that a formula needs and that no figure gives. */
    private void gather() {
        given(
                Name.PAYMENTS_AGREED,
                Quantity.Unit.NUMBER,
                BigDecimal.valueOf(figures.loan().terms().payments()));
        given(
                Name.BALANCE_AT_END,
                Quantity.Unit.AMOUNT,
                figures.loan().terms().features().balloon().toDecimal());
        for (Working working : workings) {
            if (working.result() instanceof Measured result) {
                if (LiveFigures.isGiven(working)) {
                    inputs.putIfAbsent(result.name(), result);
                } else {
                    results.putIfAbsent(result.name(), result.value());
                }
            }
        }
        for (Working working : workings) {
            if (LiveFigures.isLive(working)) {
                LiveFigures.numbersOf(working)
                        .filter(number -> derived.of(working, number).isEmpty())
                        .forEach(number -> putIn(working, number));
            }
        }
    }

    private void putIn(Working working, Measured number) {
        if (isResult(number) || isInput(number)) {
            return;
        }
        if (results.containsKey(number.name()) || inputs.containsKey(number.name())) {
            apart.put(names.of(number.name(), working.figure()), number);
        } else {
            inputs.put(number.name(), number);
        }
    }

    private void given(Name name, Quantity.Unit unit, BigDecimal value) {
        inputs.put(name, new Measured(name, unit, value));
    }

    private boolean isResult(Measured number) {
        BigDecimal result = results.get(number.name());
        return result != null && result.compareTo(number.value()) == 0;
    }

    private boolean isInput(Measured number) {
        Measured input = inputs.get(number.name());
        return input != null && input.value().compareTo(number.value()) == 0;
    }

    /** Where a number of a working stands: as a figure, as an input, or by itself where neither is that number. */
    String cell(Working working, Measured number) {
        return derived.of(working, number)
                .map(formula -> "(" + formula + ")")
                .orElseGet(() -> isResult(number) || isInput(number)
                        ? names.of(number.name())
                        : names.of(number.name(), working.figure()));
    }

    /** Where the numbers of a name stand that a working has. */
    List<String> cells(Working working, Name name) {
        return LiveFigures.numbersOf(working)
                .filter(number -> number.name() == name)
                .map(number -> cell(working, number))
                .toList();
    }
}
