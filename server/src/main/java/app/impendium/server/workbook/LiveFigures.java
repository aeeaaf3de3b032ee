package app.impendium.server.workbook;

import app.impendium.core.working.Expression;
import app.impendium.core.working.Figure;
import app.impendium.core.working.Name;
import app.impendium.core.working.Quantity;
import app.impendium.core.working.Quantity.Measured;
import app.impendium.core.working.Working;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Which figures of an option a formula can carry. */
final class LiveFigures {
    private LiveFigures() {}

    /** Whether a figure is put in rather than computed. */
    static boolean isGiven(Working working) {
        return switch (working.rule()) {
            case DOWN_AMOUNT, CUSTOM_PAYMENT, GIVEN_MONTHLY -> true;
            default -> false;
        };
    }

    /** Whether a rule's arithmetic stands on inputs alone, each but debts named once, so that cells can carry it. */
    static boolean isLive(Working working) {
        Optional<Expression> expression = working.rule().expression();
        if (expression.isEmpty() || isMade(working.figure())) {
            return false;
        }
        List<Name> once = working.inputs().stream()
                .map(Quantity::name)
                .filter(name -> name != Name.DEBT_PAID_OFF)
                .toList();
        boolean isAlone = once.stream().distinct().count() == once.size();
        try {
            new FormulaText(name -> working.inputs().stream()
                            .filter(quantity -> quantity.name() == name)
                            .map(Quantity::name)
                            .map(Name::name)
                            .toList())
                    .of(expression.get());
            return isAlone && standsOnInputs(working);
        } catch (IllegalArgumentException needsSteps) {
            return false;
        }
    }

    /** Sums over five years, what extras change, and what only regulation asks for, are not laid out in the schedule's sheet. */
    private static boolean isMade(Figure figure) {
        return switch (figure) {
            case FIVE_YEARS_PAID,
                    FIVE_YEARS_PRINCIPAL,
                    ANNUAL_PERCENTAGE_RATE,
                    BUYDOWN_SUBSIDY,
                    INTEREST_SAVED,
                    MONTH_WITH_EXTRAS -> true;
            default -> false;
        };
    }

    /** Whether the formula comes to the figure: what adds up steps would leave them out. */
    private static boolean standsOnInputs(Working working) {
        if (!(working.result() instanceof Measured result)) {
            return false;
        }
        BigDecimal computed = working.rule()
                .expression()
                .orElseThrow()
                .evaluate(name -> working.inputs().stream()
                        .filter(quantity -> quantity.name() == name)
                        .map(Measured.class::cast)
                        .map(LiveFigures::share)
                        .toList());
        BigDecimal told = share(result);
        return computed.subtract(told).abs().compareTo(new BigDecimal("0.01")) < 0;
    }

    /** The numbers that a figure is computed from. */
    static Stream<Measured> numbersOf(Working working) {
        return working.inputs().stream().filter(Measured.class::isInstance).map(Measured.class::cast);
    }

    /** A number as a cell holds it: a percentage as a share of one. */
    static BigDecimal share(Measured number) {
        return number.unit() == Quantity.Unit.PERCENT ? number.value().movePointLeft(2) : number.value();
    }
}
