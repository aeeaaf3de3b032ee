package app.impendium.core.working;

import app.impendium.core.working.Quantity.Measured;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Reads the numbers of workings. */
public final class Numbers {
    private Numbers() {}

    public static Map<Figure, Working> byFigure(List<Working> workings) {
        return workings.stream().collect(Collectors.toMap(Working::figure, Function.identity()));
    }

    /** The result of a figure's working. */
    public static BigDecimal result(Map<Figure, Working> workings, Figure figure) {
        return value(workings.get(figure).result());
    }

    /** The number of this name among inputs and steps. */
    public static BigDecimal number(Working working, Name name) {
        return Stream.concat(working.inputs().stream(), working.steps().stream())
                .filter(quantity -> quantity.name() == name)
                .map(Numbers::value)
                .findFirst()
                .orElseThrow();
    }

    public static BigDecimal value(Quantity quantity) {
        return ((Measured) quantity).value();
    }
}
