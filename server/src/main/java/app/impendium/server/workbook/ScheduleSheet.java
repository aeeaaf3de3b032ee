package app.impendium.server.workbook;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentPhase;
import app.impendium.core.loan.PaymentPhase.Cause;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.RateChange;
import app.impendium.core.loan.Schedule;
import app.impendium.core.working.Name;
import app.impendium.core.working.Rounding;
import app.impendium.server.workbook.Styles.Kind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/** Every payment of an option, each line a formula on the one above it. */
final class ScheduleSheet {
    private static final int MONTHS_PER_YEAR = 12;

    private final SheetWriter sheet;
    private final OptionEvaluation figures;
    private final OptionNames names;
    private final ScheduleColumns columns;
    private final LoanTerms terms;
    private final Schedule schedule;
    private final long[] planned;
    private final Map<Integer, RateChange> changes = new HashMap<>();
    private final Map<Integer, PaymentPhase> phases = new HashMap<>();
    private final boolean recasts;
    private final boolean isRigid;

    ScheduleSheet(SheetWriter sheet, OptionEvaluation figures, OptionNames names, ScheduleColumns columns) {
        this.sheet = sheet;
        this.figures = figures;
        this.names = names;
        this.columns = columns;
        this.terms = figures.loan().terms();
        this.schedule = figures.loan().schedule();
        this.planned = new long[terms.payments() + 1];
        for (ExtraPayment extra : terms.features().extras()) {
            int last = Math.min(extra.last(), terms.payments());
            for (int payment = extra.first(); payment <= last; payment += extra.every()) {
                planned[payment] += extra.amount().cents();
            }
        }
        terms.features().rateChanges().forEach(change -> changes.put(change.fromPayment(), change));
        schedule.phases().forEach(phase -> phases.put(phase.from(), phase));
        this.recasts = terms.features().extraEffect() == ExtraEffect.RECAST;
        this.isRigid = isRigid(figures);
    }

    /** Whether no line can follow another loan: accelerated payments are shares of a monthly one, which is not laid out. */
    static boolean isRigid(OptionEvaluation figures) {
        LoanTerms terms = figures.loan().terms();
        return terms.rate().frequency().isAccelerated()
                && (terms.features().extraEffect() == ExtraEffect.RECAST
                        || !terms.features().rateChanges().isEmpty());
    }

    /** Which numbers of the loan its lines stand on. */
    Set<Name> names() {
        Set<Name> needed = EnumSet.of(Name.PAYMENT, Name.PAYMENTS_AGREED, Name.PAYMENTS_PER_YEAR);
        if (recasts || !changes.isEmpty()) {
            needed.add(Name.BALANCE_AT_END);
        }
        return needed;
    }

    /** Formulas for whether what is put in here is what was sent. */
    List<String> asSent() {
        List<String> conditions = new ArrayList<>();
        conditions.add(SheetWriter.isStill(
                columns.cell(ScheduleColumns.DAY, 1),
                SheetWriter.day(figures.loan().dates().first())));
        changes.keySet().stream()
                .sorted()
                .forEach(line -> conditions.add(SheetWriter.isStill(
                        columns.cell(ScheduleColumns.RATE, line),
                        terms.rateOf(line).value().doubleValue())));
        phases.values().stream()
                .filter(phase -> phase.cause() == Cause.STEP && phase.from() > 1)
                .sorted(Comparator.comparing(PaymentPhase::from))
                .forEach(phase -> conditions.add(
                        SheetWriter.isStill(columns.cell(ScheduleColumns.REGULAR, phase.from()), due(phase.from()))));
        String extras = columns.all(ScheduleColumns.PLANNED_EXTRA);
        long sum = Arrays.stream(planned).sum();
        conditions.add(SheetWriter.isStill(Cents.whole("SUM(" + extras + ")"), amount(sum)));
        if (sum > 0) {
            // A month that takes an extra over from another changes the sum by when they are made.
            long byLine = IntStream.range(0, planned.length)
                    .mapToLong(line -> line * planned[line])
                    .sum();
            String weighted = "SUMPRODUCT(" + columns.all(ScheduleColumns.NUMBER) + "," + extras + ")";
            conditions.add(SheetWriter.isStill(Cents.whole(weighted), amount(byLine)));
        }
        return conditions;
    }

    void write(String title) {
        sheet.freeze(2);
        sheet.next();
        sheet.heading(0, title);
        sheet.next();
        String[] head = {
            "Payment",
            "Day",
            "Rate per payment",
            "Regular payment",
            "Interest",
            "Paid",
            "Principal",
            "Extra planned",
            "Extra",
            "Balance"
        };
        for (int column = 0; column < head.length; column++) {
            sheet.heading(column, head[column]);
            sheet.width(column, 16);
        }
        sheet.next();
        sheet.value(0, 0, Kind.VALUE, SheetWriter.NUMBER);
        sheet.formula(9, names.of(Name.LOAN), SheetWriter.amount(schedule.balanceCents(0)), SheetWriter.AMOUNT);
        for (int line = 1; line <= terms.payments(); line++) {
            line(line);
        }
    }

    private void line(int line) {
        int row = sheet.next();
        int above = row - 1;
        boolean isPaid = line <= schedule.payments();
        sheet.value(0, line, Kind.VALUE, SheetWriter.NUMBER);
        day(line);
        rate(line, above);
        regular(line, above);
        String owed = "J" + above;
        double interest = isPaid ? amount(schedule.line(line).interest().cents()) : 0;
        double paid = isPaid ? amount(schedule.line(line).payment().cents()) : 0;
        sheet.formula(
                4, "IF(" + owed + "<=0,0," + Cents.nearest(owed + "*C" + row) + ")", interest, SheetWriter.AMOUNT);
        String whole = Cents.whole(owed + "+E" + row);
        String regular = line <= terms.features().interestOnlyPayments()
                ? "E" + row
                : "IF(D" + row + ">=" + whole + "," + whole + ",MAX(D" + row + ",E" + row + "))";
        sheet.formula(
                5,
                "IF(" + owed + "<=0,0,IF(A" + row + ">=" + names.of(Name.PAYMENTS_AGREED) + "," + whole + "," + regular
                        + "))",
                paid,
                SheetWriter.AMOUNT);
        sheet.formula(
                6,
                Cents.whole("F" + row + "-E" + row),
                isPaid ? amount(schedule.line(line).principal().cents()) : 0,
                SheetWriter.AMOUNT);
        sheet.value(7, amount(planned[line]), isRigid ? Kind.VALUE : Kind.INPUT, SheetWriter.AMOUNT);
        sheet.formula(
                8,
                "MIN(H" + row + "," + Cents.whole(owed + "-G" + row) + ")",
                isPaid ? amount(schedule.line(line).extra().cents()) : 0,
                SheetWriter.AMOUNT);
        sheet.formula(
                9,
                Cents.whole(owed + "-G" + row + "-I" + row),
                isPaid ? amount(schedule.balanceCents(line)) : 0,
                SheetWriter.AMOUNT);
    }

    private void day(int line) {
        double day = SheetWriter.day(figures.loan().dates().of(line));
        if (line == 1) {
            sheet.value(1, day, isDated() ? Kind.VALUE : Kind.INPUT, SheetWriter.DAY);
            return;
        }
        int perYear = figures.loan().dates().frequency().perYear();
        String formula = switch (perYear) {
            case 1, 4, 12 -> "EDATE(B$4," + (line - 1) * (MONTHS_PER_YEAR / perYear) + ")";
            case 26 -> "B$4+" + (line - 1) * 14;
            case 52 -> "B$4+" + (line - 1) * 7;
            default -> SheetWriter.whileTrue(names.isAsSent(), day);
        };
        sheet.formula(1, formula, day, SheetWriter.DAY);
    }

    private void rate(int line, int above) {
        double rate = terms.rateOf(line).value().doubleValue();
        RateChange change = changes.get(line);
        if (change != null) {
            sheet.value(2, rate, isRigid ? Kind.VALUE : Kind.INPUT, SheetWriter.PERCENT);
        } else {
            sheet.formula(2, line == 1 ? names.of(Name.RATE_PER_PAYMENT) : "C" + above, rate, SheetWriter.PERCENT);
        }
    }

    private void regular(int line, int above) {
        double due = due(line);
        PaymentPhase phase = phases.get(line);
        if (line == 1) {
            sheet.formula(3, names.of(Name.PAYMENT), amount(schedule.payment().cents()), SheetWriter.AMOUNT);
        } else if (phase != null && phase.cause() == Cause.STEP) {
            sheet.value(3, due, Kind.INPUT, SheetWriter.AMOUNT);
        } else if (isRigid && (recasts || changes.containsKey(line))) {
            sheet.value(3, due, Kind.VALUE, SheetWriter.AMOUNT);
        } else if (changes.containsKey(line)) {
            sheet.formula(3, level(line, above), due, SheetWriter.AMOUNT);
        } else if (recasts) {
            sheet.formula(3, "IF(I" + above + ">0," + level(line, above) + ",D" + above + ")", due, SheetWriter.AMOUNT);
        } else {
            sheet.formula(3, "D" + above, due, SheetWriter.AMOUNT);
        }
    }

    /** Whether a day decides with which payment something changes: on another day it could be another payment. */
    private boolean isDated() {
        return !changes.isEmpty()
                || Arrays.stream(planned).sum() > 0
                || phases.values().stream().anyMatch(phase -> phase.cause() == Cause.STEP);
    }

    /** The regular payment that is due with a line. */
    private double due(int line) {
        return amount(schedule.phaseOf(Math.min(line, schedule.payments()))
                .payment()
                .orElse(schedule.payment())
                .cents());
    }

    /** The payment that repays what is owed by the last line. */
    private String level(int line, int above) {
        String rate = "C" + (above + 1);
        String left = "(" + names.of(Name.PAYMENTS_AGREED) + "-"
                + Math.max(line - 1, terms.features().interestOnlyPayments()) + ")";
        String growth = "(1+" + rate + ")^" + left;
        String balloon = names.of(Name.BALANCE_AT_END);
        String owed = "J" + above;
        String exact = "IF(" + owed + "<=0,0,IF(" + rate + "=0,(" + owed + "-" + balloon + ")/" + left + ",(" + owed
                + "*" + growth + "-" + balloon + ")*" + rate + "/(" + growth + "-1)))";
        return Cents.rounded(
                exact, terms.rounding() == PaymentRounding.UP_TO_CENT ? Rounding.UP_TO_CENT : Rounding.NEAREST_CENT);
    }

    private static double amount(long cents) {
        return SheetWriter.amount(cents);
    }
}
