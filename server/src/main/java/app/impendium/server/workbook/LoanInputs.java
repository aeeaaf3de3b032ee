package app.impendium.server.workbook;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.working.Name;
import app.impendium.core.working.Quantity;
import app.impendium.core.working.Quantity.Measured;
import app.impendium.core.working.Working;
import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Which numbers of an option are put in, and where each number of its workings stands. */
final class LoanInputs {
    /** What an advisor types by itself, and what figures follow. */
    private static final Set<Name> TYPED = EnumSet.of(
            Name.PRICE,
            Name.VALUE,
            Name.DOWN_PAYMENT,
            Name.PERCENT_DOWN,
            Name.BASE_LOAN,
            Name.BALANCE_PAID_OFF,
            Name.CASH_OUT,
            Name.PREMIUM_PERCENT,
            Name.INTEREST_RATE,
            Name.PAYMENTS_AGREED,
            Name.BALANCE_AT_END,
            Name.PAYMENT,
            Name.TAX_PERCENT,
            Name.YEARLY_TAX,
            Name.YEARLY_INSURANCE,
            Name.INSURANCE_PERCENT,
            Name.DUES,
            Name.OTHER,
            Name.POINTS,
            Name.LOAN_FEE,
            Name.OTHER_COST,
            Name.PREPAYMENT_CHARGE,
            Name.PREPAID_INTEREST,
            Name.PREPAID_ITEM,
            Name.LENDER_CREDIT,
            Name.SELLER_CREDIT);

    /** What decides how the loan runs. */
    private static final Set<Name> OF_LOAN = EnumSet.of(
            Name.PRICE,
            Name.DOWN_PAYMENT,
            Name.PERCENT_DOWN,
            Name.BASE_LOAN,
            Name.BALANCE_PAID_OFF,
            Name.CASH_OUT,
            Name.PREMIUM_PERCENT,
            Name.INTEREST_RATE,
            Name.PAYMENTS_AGREED,
            Name.BALANCE_AT_END);

    /** What decides how much is borrowed, where the loan pays its own costs. */
    private static final Set<Name> OF_FINANCED_COSTS = EnumSet.of(
            Name.BALANCE_PAID_OFF,
            Name.CASH_OUT,
            Name.PREMIUM_PERCENT,
            Name.POINTS,
            Name.LOAN_FEE,
            Name.OTHER_COST,
            Name.PREPAYMENT_CHARGE,
            Name.PREPAID_INTEREST,
            Name.PREPAID_ITEM,
            Name.LENDER_CREDIT);

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

    /** Numbers that stand in a cell of their name. */
    Map<Name, Measured> byName() {
        return inputs;
    }

    /** Those that stand for one figure alone, by their cells. */
    Map<String, Measured> apart() {
        return apart;
    }

    /** Whether a number can be changed, with the figures following as they do in the case. */
    boolean canChange(Name name) {
        return TYPED.contains(name)
                && !(ScheduleSheet.isRigid(figures) && OF_LOAN.contains(name))
                && !(new ClosingCells(figures, names).isBound() && OF_FINANCED_COSTS.contains(name));
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
        if (derived.isInsurable()) {
            given(
                    Name.INSURANCE_PERCENT,
                    Quantity.Unit.PERCENT,
                    figures.option().housing().yearlyMortgageInsurance().value());
        }
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
