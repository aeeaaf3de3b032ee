package app.impendium.server.workbook;

import app.impendium.core.working.Name;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.Convention.Measure;
import app.impendium.server.document.Convention.PayPeriod;
import app.impendium.server.document.DebtDocument;
import app.impendium.server.document.HouseholdDocument.IncomeDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.evaluation.AssessedView;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.evaluation.ReadingView;
import app.impendium.server.workbook.Styles.Kind;
import java.math.BigDecimal;
import java.util.List;
import java.util.Objects;

/** What the people earn and owe, and what a limit set's tests of housing and debts come to for the first option. */
final class AffordabilitySheet {
    private static final String INCOME = "INCOME_OF_MONTH";
    private static final String DEBTS = "DEBTS_OF_MONTH";
    private static final String HOUSING = "HOUSING_TESTED";
    private static final int WEEKS_PER_YEAR = 52;

    private final SheetWriter sheet;
    private final CaseDocument document;
    private final LimitSetDocument limits;
    private final AssessedView view;
    private final WorkbookOption option;

    AffordabilitySheet(
            SheetWriter sheet,
            CaseDocument document,
            LimitSetDocument limits,
            AssessedView view,
            WorkbookOption option) {
        this.sheet = sheet;
        this.document = document;
        this.limits = limits;
        this.view = view;
        this.option = option;
    }

    void write() {
        sheet.width(0, 44);
        for (int column = 1; column <= 5; column++) {
            sheet.width(column, 18);
        }
        sheet.next();
        sheet.heading(0, "Affordability of " + option.title() + ", by " + limits.name());
        incomes();
        debts();
        housing();
        tests();
    }

    private void incomes() {
        sheet.next();
        sheet.next();
        head("Income before tax", "Each time", "Times a year", "Hours a week", "Counted", "A month");
        List<Long> monthly = CaseAnswers.household(document).incomesCents();
        int first = 0;
        int last = 0;
        for (int i = 0; i < monthly.size(); i++) {
            IncomeDocument income = document.household().incomes().get(i);
            last = sheet.next();
            first = first == 0 ? last : first;
            sheet.text(0, income.name());
            sheet.value(1, SheetWriter.amount(income.cents()), Kind.INPUT, SheetWriter.AMOUNT);
            sheet.value(2, income.per() == null ? WEEKS_PER_YEAR : times(income.per()), Kind.VALUE, SheetWriter.NUMBER);
            boolean isHourly = income.hoursPerWeek() != null;
            sheet.value(
                    3,
                    isHourly ? income.hoursPerWeek().doubleValue() : 1,
                    isHourly ? Kind.INPUT : Kind.VALUE,
                    SheetWriter.NUMBER);
            BigDecimal counted = income.countedPercent() == null ? BigDecimal.valueOf(100) : income.countedPercent();
            sheet.value(4, counted.movePointLeft(2).doubleValue(), Kind.INPUT, SheetWriter.PERCENT);
            sheet.formula(
                    5,
                    Cents.nearest("B" + last + "*C" + last + "*D" + last + "*E" + last + "/12"),
                    SheetWriter.amount(monthly.get(i)),
                    SheetWriter.AMOUNT);
        }
        total("All that counts", INCOME, 'F', first, last, view.monthlyIncomeCents(), otherHomes(true));
    }

    private void debts() {
        sheet.next();
        sheet.next();
        head("Debts", "Counted a month");
        int first = 0;
        int last = 0;
        for (int i = 0; i < document.debts().size(); i++) {
            DebtDocument debt = document.debts().get(i);
            last = sheet.next();
            first = first == 0 ? last : first;
            sheet.text(0, debt.name());
            // What is left of a debt decides whether it counts at all: its payment alone says nothing of it.
            boolean isPaymentAlone = debt.balanceCents() == null
                    && debt.paymentsLeft() == null
                    && Objects.equals(debt.paymentCents(), view.debts().get(i).cents());
            sheet.value(
                    1,
                    SheetWriter.amount(view.debts().get(i).cents()),
                    isPaymentAlone ? Kind.INPUT : Kind.VALUE,
                    SheetWriter.AMOUNT);
        }
        total("All that counts", DEBTS, 'B', first, last, view.monthlyDebtsCents(), otherHomes(false));
    }

    /** What other homes leave counts as income, what they take as debts. */
    private double otherHomes(boolean asIncome) {
        return SheetWriter.amount(view.propertiesCents().stream()
                .filter(cents -> cents > 0 == asIncome)
                .mapToLong(Math::abs)
                .sum());
    }

    private void total(String label, String name, char column, int first, int last, long cents, double otherHomes) {
        sheet.next();
        sheet.text(0, "Other homes");
        int at = column - 'A';
        sheet.value(at, otherHomes, Kind.VALUE, SheetWriter.AMOUNT);
        int row = sheet.next();
        sheet.heading(0, label);
        String lines = first == 0 ? "0" : "SUM(" + column + first + ":" + column + last + ")";
        sheet.formula(at, Cents.whole(lines + "+" + column + (row - 1)), SheetWriter.amount(cents), SheetWriter.AMOUNT);
        sheet.name(at, name);
    }

    private void housing() {
        sheet.next();
        sheet.next();
        sheet.text(0, "Housing cost that is tested, a month");
        long tested = view.tested().totalCents();
        boolean isOwn = tested == option.figures().monthlyCost().first().total().cents();
        if (isOwn) {
            sheet.formula(1, option.names().of(Name.HOUSING_COST), SheetWriter.amount(tested), SheetWriter.AMOUNT);
        } else {
            sheet.formula(
                    1,
                    SheetWriter.whileTrue(option.names().isAsSent(), SheetWriter.amount(tested)),
                    SheetWriter.amount(tested),
                    SheetWriter.AMOUNT);
            sheet.note(2, "At another rate or payment: for unchanged inputs only.");
        }
        sheet.name(1, HOUSING);
    }

    private void tests() {
        sheet.next();
        sheet.next();
        head("Tests", "Limit", "This loan", "Met");
        for (ReadingView reading : view.readings()) {
            boolean isRatio = reading.measure() == Measure.FRONT_END || reading.measure() == Measure.BACK_END;
            if (isRatio && reading.reached() != null) {
                test(reading);
            }
        }
    }

    private void test(ReadingView reading) {
        // Another loan can be one that the test is not for.
        boolean isAlways = limits.tests().get(reading.test()).conditions().isEmpty();
        boolean isFront = reading.measure() == Measure.FRONT_END;
        String committed = isFront ? HOUSING : "(" + HOUSING + "+" + DEBTS + ")";
        int row = sheet.next();
        sheet.text(0, isFront ? "Housing to income" : "Housing and debts to income");
        sheet.value(
                1,
                reading.limit().movePointLeft(2).doubleValue(),
                isAlways ? Kind.INPUT : Kind.VALUE,
                SheetWriter.PERCENT);
        sheet.formula(2, whileTested(committed + "/" + INCOME), exactly(isFront), SheetWriter.PERCENT);
        String met = "IF(" + committed + "<=ROUNDDOWN(ROUND(" + INCOME + "*B" + row + ",10),2),1,0)";
        sheet.formula(
                3,
                whileTested(isAlways ? met : "IF(" + option.names().isAsSent() + "," + met + ",\"\")"),
                reading.isMet() ? 1 : 0,
                "\"met\";;\"not met\"");
    }

    /** A formula where there is a housing cost to test. */
    private static String whileTested(String formula) {
        return "IF(ISNUMBER(" + HOUSING + ")," + formula + ",\"\")";
    }

    private double exactly(boolean isFront) {
        double committed = view.tested().totalCents() + (isFront ? 0 : view.monthlyDebtsCents());
        return committed / view.monthlyIncomeCents();
    }

    private void head(String... words) {
        for (int column = 0; column < words.length; column++) {
            sheet.heading(column, words[column]);
        }
    }

    private static int times(PayPeriod per) {
        return switch (per) {
            case YEARLY -> 1;
            case QUARTERLY -> 4;
            case MONTHLY -> 12;
            case SEMI_MONTHLY -> 24;
            case BIWEEKLY -> 26;
            case WEEKLY -> 52;
        };
    }
}
