package app.impendium.server.workbook;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.OptionWorkings;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.money.Percent;
import app.impendium.core.working.Expression;
import app.impendium.core.working.Figure;
import app.impendium.core.working.Name;
import app.impendium.core.working.Quantity;
import app.impendium.core.working.Quantity.Measured;
import app.impendium.core.working.Rounding;
import app.impendium.core.working.Rule;
import app.impendium.core.working.Working;
import app.impendium.server.words.Words;
import app.impendium.server.workbook.Styles.Kind;
import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The figures of an option, each written from the expression of its rule on the cells of its inputs. Sums over payments are taken
 * from the schedule's sheet. What a formula cannot carry is a value, and marked as one.
 */
final class LoanSheet {
    private static final int LABEL = 0;
    private static final int FIGURE = 1;
    private static final int NOTE = 2;

    private final SheetWriter sheet;
    private final OptionEvaluation figures;
    private final OptionNames names;
    private final ScheduleColumns schedule;
    private final List<Working> workings;
    private final Map<Name, Measured> inputs = new LinkedHashMap<>();
    private final Map<String, Measured> apart = new LinkedHashMap<>();
    private final Map<Name, BigDecimal> results = new EnumMap<>(Name.class);

    LoanSheet(SheetWriter sheet, OptionEvaluation figures, OptionNames names, ScheduleColumns schedule) {
        this.sheet = sheet;
        this.figures = figures;
        this.names = names;
        this.schedule = schedule;
        this.workings = new OptionWorkings(figures).whole();
    }

    void write(String title) {
        sheet.width(LABEL, 44);
        sheet.width(FIGURE, 18);
        sheet.width(NOTE, 90);
        sheet.next();
        sheet.heading(LABEL, title);
        gather();
        sheet.next();
        sheet.next();
        sheet.heading(LABEL, "Inputs");
        sheet.note(NOTE, "Change these: everything else follows.");
        inputs.forEach((name, number) -> input(names.of(name), number, Kind.INPUT));
        apart.forEach((cell, number) -> input(cell, number, Kind.VALUE));
        sheet.next();
        sheet.next();
        sheet.heading(LABEL, "Figures");
        workings.forEach(this::figure);
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
                if (isGiven(working)) {
                    inputs.putIfAbsent(result.name(), result);
                } else {
                    results.putIfAbsent(result.name(), result.value());
                }
            }
        }
        for (Working working : workings) {
            if (isLive(working)) {
                numbersOf(working)
                        .filter(number -> derived(working, number).isEmpty())
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
    private String cell(Working working, Measured number) {
        return derived(working, number)
                .map(formula -> "(" + formula + ")")
                .orElseGet(() -> isResult(number) || isInput(number)
                        ? names.of(number.name())
                        : names.of(number.name(), working.figure()));
    }

    /** A number that the workings only state, as it follows from others. */
    private Optional<String> derived(Working working, Measured number) {
        int interestOnly = figures.loan().terms().features().interestOnlyPayments();
        boolean isPurchase =
                figures.option().financing().match(purchase -> true, loanOnly -> false, refinancing -> false);
        return switch (number.name()) {
            case REPAYING_PAYMENTS -> Optional.of(names.of(Name.PAYMENTS_AGREED) + "-" + interestOnly);
            case BASE_LOAN -> isPurchase ? Optional.of(baseLoan()) : Optional.empty();
            case VALUE -> isPurchase && isValuedAtPrice() ? Optional.of(names.of(Name.PRICE)) : Optional.empty();
            case MONTHLY_PAYMENT -> Optional.of(monthlyPayment());
            case PAYMENT -> firstPaid(working, number);
            case MORTGAGE_INSURANCE -> isPurchase && isValuedAtPrice() ? premium() : Optional.empty();
            default -> Optional.empty();
        };
    }

    private String baseLoan() {
        return names.of(Name.PRICE) + "-" + names.of(Name.DOWN_PAYMENT);
    }

    private boolean isValuedAtPrice() {
        Financing financing = figures.option().financing();
        return financing.value().equals(financing.price());
    }

    /** What the first month counts, where an interest-only period or a buydown has it differ from the regular payment. */
    private Optional<String> firstPaid(Working working, Measured number) {
        if (working.figure() != Figure.PRINCIPAL_AND_INTEREST) {
            return Optional.empty();
        }
        boolean isFirstLine = number.value()
                        .compareTo(figures.loan().schedule().line(1).payment().toDecimal())
                == 0;
        return isFirstLine
                ? Optional.of(schedule.first())
                : figures.option()
                        .closing()
                        .buydown()
                        .map(agreed -> reducedPayment(agreed.reductions().get(0).value()));
    }

    /** A month's premium, which is due while the loan is more than 80 % of the value. */
    private Optional<String> premium() {
        Percent yearly = figures.option().housing().yearlyMortgageInsurance();
        if (!yearly.isPositive()) {
            return Optional.empty();
        }
        return Optional.of("IF((" + baseLoan() + ")*100>" + names.of(Name.PRICE) + "*"
                + MortgageInsurance.ON_REQUEST_PERCENT + ","
                + Cents.nearest(names.of(Name.LOAN) + "*"
                        + yearly.value().movePointLeft(2).toPlainString() + "/12")
                + ",0)");
    }

    /** The monthly payment that an accelerated one is a share of. */
    private String monthlyPayment() {
        return level(rate(names.of(Name.INTEREST_RATE), "12"), repaying() + "*12/" + names.of(Name.PAYMENTS_PER_YEAR));
    }

    /** What the clients pay in the first year of a temporary buydown: the payment at a rate that is so much lower. */
    private String reducedPayment(BigDecimal reductionPercent) {
        String reduced = "(" + names.of(Name.INTEREST_RATE) + "-"
                + reductionPercent.movePointLeft(2).toPlainString() + ")";
        return level(rate(reduced, names.of(Name.PAYMENTS_PER_YEAR)), repaying());
    }

    private String repaying() {
        return "(" + names.of(Name.PAYMENTS_AGREED) + "-"
                + figures.loan().terms().features().interestOnlyPayments() + ")";
    }

    private String rate(String yearly, String perYear) {
        String compoundings = names.of(Name.COMPOUNDINGS_PER_YEAR);
        return "((1+" + yearly + "/" + compoundings + ")^(" + compoundings + "/" + perYear + ")-1)";
    }

    private String level(String rate, String payments) {
        String discount = "(1+" + rate + ")^-(" + payments + ")";
        String repaid = names.of(Name.LOAN) + "-" + names.of(Name.BALANCE_AT_END);
        String exact = "IF(" + rate + "=0,(" + repaid + ")/(" + payments + "),(" + repaid + "*" + discount + ")*" + rate
                + "/(1-" + discount + "))";
        boolean isUp = figures.loan().terms().rounding() == PaymentRounding.UP_TO_CENT;
        return Cents.rounded(exact, isUp ? Rounding.UP_TO_CENT : Rounding.NEAREST_CENT);
    }

    private void input(String cell, Measured number, Kind kind) {
        sheet.next();
        sheet.text(LABEL, Words.name(number.name()));
        sheet.value(FIGURE, cell(number), kind, format(number));
        sheet.name(FIGURE, cell);
    }

    private void figure(Working working) {
        if (isGiven(working)) {
            return;
        }
        sheet.next();
        sheet.text(LABEL, Words.figure(working.figure()));
        Optional<String> formula = formula(working);
        double figure = cell(working.result());
        if (formula.isPresent()) {
            sheet.formula(FIGURE, formula.get(), figure, format(working.result()));
            sheet.note(NOTE, Words.rule(working.rule()));
        } else {
            sheet.value(FIGURE, figure, Kind.VALUE, format(working.result()));
            sheet.note(NOTE, "A value, which does not follow the inputs. " + Words.rule(working.rule()));
        }
        sheet.name(FIGURE, resultName(working));
    }

    /** A figure's own name; where two figures have numbers of one name, the later is called by the figure. */
    private String resultName(Working working) {
        Name name = working.result().name();
        boolean isFirst = workings.stream()
                .filter(other -> other.result().name() == name)
                .findFirst()
                .filter(working::equals)
                .isPresent();
        return isFirst && !inputs.containsKey(name) ? names.of(name) : names.ofFigure(working.figure());
    }

    private Optional<String> formula(Working working) {
        Optional<String> sum = schedule.formula(working.rule(), names);
        if (sum.isPresent()) {
            return sum;
        }
        if (!isLive(working)) {
            return Optional.empty();
        }
        FormulaText text = new FormulaText(name -> cells(working, name));
        String exact = text.of(working.rule().expression().orElseThrow());
        if (working.rule() == Rule.LEVEL_PAYMENT) {
            exact = "IF(" + names.of(Name.RATE_PER_PAYMENT) + "=0,"
                    + text.of(Rule.LEVEL_PAYMENT_WITHOUT_INTEREST.expression().orElseThrow()) + "," + exact + ")";
        }
        if (working.figure() == Figure.MORTGAGE_INSURANCE) {
            Optional<String> whileDue = derived(working, (Measured) working.result());
            if (whileDue.isPresent()) {
                return whileDue;
            }
        }
        boolean isAmount = working.result() instanceof Measured result && result.unit() == Quantity.Unit.AMOUNT;
        if (!isAmount) {
            return Optional.of(exact);
        }
        return Optional.of(
                working.rounding() == Rounding.NONE || working.rounding() == Rounding.EACH_LINE
                        ? Cents.whole(exact)
                        : Cents.rounded(exact, working.rounding()));
    }

    /** Where the numbers of a name stand that a working has. */
    private List<String> cells(Working working, Name name) {
        return numbersOf(working)
                .filter(number -> number.name() == name)
                .map(number -> cell(working, number))
                .toList();
    }

    private static Stream<Measured> numbersOf(Working working) {
        return working.inputs().stream().filter(Measured.class::isInstance).map(Measured.class::cast);
    }

    /** Whether a figure is put in rather than computed. */
    private static boolean isGiven(Working working) {
        return switch (working.rule()) {
            case DOWN_AMOUNT, CUSTOM_PAYMENT, GIVEN_MONTHLY -> true;
            default -> false;
        };
    }

    /** Whether a rule's arithmetic stands on inputs alone, each named once, so that cells can carry it. */
    private boolean isLive(Working working) {
        Optional<Expression> expression = working.rule().expression();
        if (expression.isEmpty() || isMade(working.figure())) {
            return false;
        }
        boolean isAlone =
                working.inputs().stream().map(Quantity::name).distinct().count()
                        == working.inputs().size();
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

    /** Sums over five years, and what only regulation asks for, are not laid out in the schedule's sheet. */
    private static boolean isMade(Figure figure) {
        return switch (figure) {
            case FIVE_YEARS_PAID, FIVE_YEARS_PRINCIPAL, ANNUAL_PERCENTAGE_RATE, BUYDOWN_SUBSIDY, INTEREST_SAVED -> true;
            default -> false;
        };
    }

    /** Whether the formula comes to the figure: what adds up steps would leave them out. */
    private boolean standsOnInputs(Working working) {
        if (!(working.result() instanceof Measured result)) {
            return false;
        }
        BigDecimal computed = working.rule()
                .expression()
                .orElseThrow()
                .evaluate(name -> working.inputs().stream()
                        .filter(quantity -> quantity.name() == name)
                        .map(Measured.class::cast)
                        .map(LoanSheet::share)
                        .toList());
        BigDecimal told = share(result);
        return computed.subtract(told).abs().compareTo(new BigDecimal("0.01")) < 0;
    }

    private static BigDecimal share(Measured number) {
        return number.unit() == Quantity.Unit.PERCENT ? number.value().movePointLeft(2) : number.value();
    }

    private static double cell(Quantity quantity) {
        return quantity instanceof Measured number
                ? share(number).doubleValue()
                : SheetWriter.day(((Quantity.Dated) quantity).day());
    }

    private static String format(Quantity quantity) {
        if (quantity instanceof Measured number) {
            return switch (number.unit()) {
                case AMOUNT -> SheetWriter.AMOUNT;
                case PERCENT -> SheetWriter.PERCENT;
                case NUMBER -> SheetWriter.NUMBER;
            };
        }
        return SheetWriter.DAY;
    }
}
