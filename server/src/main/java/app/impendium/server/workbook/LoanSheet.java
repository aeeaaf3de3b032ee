package app.impendium.server.workbook;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.OptionWorkings;
import app.impendium.core.working.Figure;
import app.impendium.core.working.Name;
import app.impendium.core.working.Quantity;
import app.impendium.core.working.Quantity.Measured;
import app.impendium.core.working.Rounding;
import app.impendium.core.working.Rule;
import app.impendium.core.working.Working;
import app.impendium.server.words.Words;
import app.impendium.server.workbook.Styles.Kind;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The figures of an option, each written from the expression of its rule on the cells of its inputs. Sums over payments are taken
 * from the schedule's sheet. What a formula cannot carry is blank once an input is changed.
 */
final class LoanSheet {
    private static final int LABEL = 0;
    private static final int FIGURE = 1;
    private static final int NOTE = 2;

    private static final Pattern CELL = Pattern.compile("[A-Z][A-Z_]*_\\d+");

    private final SheetWriter sheet;
    private final OptionEvaluation figures;
    private final OptionNames names;
    private final ScheduleColumns schedule;
    private final ScheduleSheet lines;
    private final List<Working> workings;
    private final DerivedNumbers derived;
    private final LoanInputs inputs;
    private final List<String> asSent = new ArrayList<>();

    LoanSheet(
            SheetWriter sheet,
            OptionEvaluation figures,
            OptionNames names,
            ScheduleColumns schedule,
            ScheduleSheet lines) {
        this.sheet = sheet;
        this.figures = figures;
        this.names = names;
        this.schedule = schedule;
        this.lines = lines;
        this.workings = new OptionWorkings(figures).whole();
        this.derived = new DerivedNumbers(figures, names, schedule);
        this.inputs = new LoanInputs(figures, names, workings, derived);
    }

    void write(String title) {
        sheet.width(LABEL, 44);
        sheet.width(FIGURE, 18);
        sheet.width(NOTE, 90);
        sheet.next();
        sheet.heading(LABEL, title);
        sheet.next();
        sheet.next();
        sheet.heading(LABEL, "Inputs");
        sheet.note(NOTE, "Change these, and the figures are updated. Those that cannot be are left blank.");
        Map<String, Measured> stated = new LinkedHashMap<>();
        Set<String> used = used();
        inputs.byName().forEach((name, number) -> {
            String cell = names.of(name);
            if (inputs.canChange(name) && used.contains(cell)) {
                input(cell, number);
            } else if (used.contains(cell)) {
                stated.put(cell, number);
            }
        });
        asSent.addAll(lines.asSent());
        stated.putAll(inputs.apart());
        stated.keySet().retainAll(used);
        if (!stated.isEmpty()) {
            sheet.next();
            sheet.next();
            sheet.heading(LABEL, "Fixed");
            sheet.note(NOTE, "The figures are for these values; changing them here updates nothing.");
            stated.forEach(this::value);
        }
        sheet.next();
        sheet.next();
        sheet.heading(LABEL, "Figures");
        sheet.next();
        sheet.text(LABEL, "Inputs unchanged");
        sheet.formula(FIGURE, "IF(AND(" + String.join(",", asSent) + "),1,0)", 1, "\"yes\";;\"no\"");
        sheet.name(FIGURE, names.asSent());
        workings.forEach(this::figure);
    }

    /** The cells that a formula needs. */
    private Set<String> used() {
        Stream<String> formulas = workings.stream()
                .filter(working -> !LiveFigures.isGiven(working))
                .flatMap(working -> formula(working).stream());
        Set<String> used = formulas.flatMap(formula -> CELL.matcher(formula).results())
                .map(MatchResult::group)
                .collect(Collectors.toSet());
        lines.names().forEach(name -> used.add(names.of(name)));
        return used;
    }

    private void input(String cell, Measured number) {
        double sent = cell(number);
        sheet.next();
        sheet.text(LABEL, Words.name(number.name()));
        sheet.value(FIGURE, sent, Kind.INPUT, format(number));
        sheet.name(FIGURE, cell);
        if (number.name() == Name.PAYMENTS_AGREED) {
            sheet.within(FIGURE, 1, schedule.lines());
            sheet.note(NOTE, "Up to " + schedule.lines() + ", for which the schedule has lines.");
        }
        asSent.add(SheetWriter.isStill(cell, sent));
    }

    private void value(String cell, Measured number) {
        sheet.next();
        sheet.text(LABEL, Words.name(number.name()));
        sheet.value(FIGURE, cell(number), Kind.VALUE, format(number));
        sheet.name(FIGURE, cell);
    }

    private void figure(Working working) {
        if (LiveFigures.isGiven(working)) {
            return;
        }
        sheet.next();
        sheet.text(LABEL, Words.figure(working.figure()));
        double figure = cell(working.result());
        Optional<String> formula = formula(working);
        sheet.formula(
                FIGURE,
                formula.orElseGet(() -> SheetWriter.whileTrue(names.isAsSent(), figure)),
                figure,
                format(working.result()));
        sheet.note(NOTE, (formula.isPresent() ? "" : "For unchanged inputs only. ") + Words.rule(working.rule()));
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
        return isFirst && !inputs.byName().containsKey(name) ? names.of(name) : names.ofFigure(working.figure());
    }

    private Optional<String> formula(Working working) {
        Optional<String> sum = schedule.formula(working.rule(), names);
        if (sum.isPresent()) {
            return sum;
        }
        if (working.figure() == Figure.BUYDOWN_SUBSIDY) {
            return derived.of(working, (Measured) working.result()).map(Cents::whole);
        }
        if (!LiveFigures.isLive(working)) {
            return Optional.empty();
        }
        if (working.rule() == Rule.LEVEL_PAYMENT_WITHOUT_INTEREST) {
            return Optional.of(new LevelPayments(figures.loan().terms(), names).regularPayment());
        }
        FormulaText text = new FormulaText(name -> inputs.cells(working, name));
        String exact = text.of(working.rule().expression().orElseThrow());
        if (working.rule() == Rule.LEVEL_PAYMENT) {
            exact = "IF(" + names.of(Name.RATE_PER_PAYMENT) + "=0,"
                    + text.of(Rule.LEVEL_PAYMENT_WITHOUT_INTEREST.expression().orElseThrow()) + "," + exact + ")";
        }
        if (working.figure() == Figure.MORTGAGE_INSURANCE) {
            return derived.of(working, (Measured) working.result());
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

    private static double cell(Quantity quantity) {
        return quantity instanceof Measured number
                ? LiveFigures.share(number).doubleValue()
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
