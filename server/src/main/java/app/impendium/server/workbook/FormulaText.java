package app.impendium.server.workbook;

import app.impendium.core.working.Expression;
import app.impendium.core.working.Name;
import app.impendium.core.working.Operator;
import java.util.List;
import java.util.function.Function;

/** A rule's arithmetic as a spreadsheet writes it. */
final class FormulaText {
    private final Function<Name, List<String>> cells;

    /** @param cells where the numbers of a name stand; none where the working has none */
    FormulaText(Function<Name, List<String>> cells) {
        this.cells = cells;
    }

    /** @throws IllegalArgumentException if a number that it needs stands nowhere */
    String of(Expression expression) {
        if (expression instanceof Expression.Named named) {
            return named.names().stream()
                    .flatMap(name -> cells.apply(name).stream())
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("no cell holds " + named.names()));
        }
        if (expression instanceof Expression.Total total) {
            List<String> added = total.names().stream()
                    .sorted()
                    .flatMap(name -> cells.apply(name).stream())
                    .toList();
            return added.isEmpty() ? "0" : "(" + String.join("+", added) + ")";
        }
        if (expression instanceof Expression.Constant constant) {
            return String.valueOf(constant.value());
        }
        if (expression instanceof Expression.Least least) {
            return "MIN(" + of(least.one()) + "," + of(least.other()) + ")";
        }
        if (expression instanceof Expression.Defined defined) {
            return of(defined.definition());
        }
        Expression.Combined combined = (Expression.Combined) expression;
        return "(" + of(combined.left()) + sign(combined.operator()) + of(combined.right()) + ")";
    }

    private static String sign(Operator operator) {
        return switch (operator) {
            case PLUS -> "+";
            case MINUS -> "-";
            case TIMES -> "*";
            case OVER -> "/";
            case POWER -> "^";
        };
    }
}
