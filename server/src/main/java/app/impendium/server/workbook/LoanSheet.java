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
import java.util.List;
import java.util.Optional;

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
    private final DerivedNumbers derived;
    private final LoanInputs inputs;

    LoanSheet(SheetWriter sheet, OptionEvaluation figures, OptionNames names, ScheduleColumns schedule) {
        this.sheet = sheet;
        this.figures = figures;
        this.names = names;
        this.schedule = schedule;
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
        sheet.note(NOTE, "Change these: everything else follows.");
        inputs.followed().forEach((name, number) -> input(names.of(name), number, Kind.INPUT));
        inputs.apart().forEach((cell, number) -> input(cell, number, Kind.VALUE));
        sheet.next();
        sheet.next();
        sheet.heading(LABEL, "Figures");
        workings.forEach(this::figure);
    }

    private void input(String cell, Measured number, Kind kind) {
        sheet.next();
        sheet.text(LABEL, Words.name(number.name()));
        sheet.value(FIGURE, cell(number), kind, format(number));
        sheet.name(FIGURE, cell);
    }

    private void figure(Working working) {
        if (LiveFigures.isGiven(working)) {
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
        return isFirst && !inputs.followed().containsKey(name) ? names.of(name) : names.ofFigure(working.figure());
    }

    private Optional<String> formula(Working working) {
        Optional<String> sum = schedule.formula(working.rule(), names);
        if (sum.isPresent()) {
            return sum;
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
            Optional<String> whileDue = derived.of(working, (Measured) working.result());
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
