package app.impendium.server.workbook;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.working.Name;
import app.impendium.server.document.AssumptionsDocument;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.evaluation.ComparisonView;
import app.impendium.server.workbook.Styles.Kind;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The options beside one another for as long as they are kept. */
final class OptionsSheet {
    private static final String KEPT = "KEPT_MONTHS";

    private final SheetWriter sheet;
    private final List<WorkbookOption> options;
    private final ComparisonView comparison;
    private final boolean isAsPaid;

    OptionsSheet(SheetWriter sheet, CaseDocument document, List<WorkbookOption> options, ComparisonView comparison) {
        this.sheet = sheet;
        this.options = options;
        this.comparison = comparison;
        AssumptionsDocument assumed = document.assumptions();
        boolean isNominal = assumed.discountPercent() == null && assumed.marginalTaxPercent() == null;
        this.isAsPaid = isNominal
                && !comparison.homeCostsCount()
                && options.stream().allMatch(option -> isPlain(option.figures()));
    }

    /** Whether what is paid on the loan is all that counts: no premiums, no subsidy, no debts beside it. */
    private static boolean isPlain(OptionEvaluation figures) {
        return figures.monthlyCost().insurance().isEmpty()
                && figures.loan().buydown().isEmpty()
                && figures.option().debtsPaidOff().isEmpty();
    }

    void write() {
        sheet.width(0, 44);
        sheet.next();
        sheet.heading(0, "Options");
        for (int i = 0; i < options.size(); i++) {
            sheet.width(i + 1, 18);
            sheet.heading(i + 1, options.get(i).title());
        }
        sheet.next();
        sheet.text(0, "Kept for, in months");
        sheet.value(1, comparison.keptMonths(), Kind.INPUT, SheetWriter.NUMBER);
        sheet.name(1, KEPT);
        amounts(
                "Payment",
                Name.PAYMENT,
                option -> option.figures().loan().schedule().payment().cents());
        amounts(
                "Month",
                Name.HOUSING_COST,
                option -> option.figures().monthlyCost().first().total().cents());
        amounts(
                "Cash to close",
                Name.CASH_TO_CLOSE,
                option -> option.figures().cashToClose().total().cents());
        amounts(
                "Total interest",
                Name.TOTAL_INTEREST,
                option -> option.figures().loan().schedule().whole().interest().cents());
        amounts(
                "Total paid",
                Name.TOTAL_PAID,
                option -> option.figures().loan().schedule().whole().paid().cents());
        int made = row(
                "Payments made by then",
                (option, row) -> "MIN(" + option.names().of(Name.PAYMENTS) + ",INT(" + KEPT + "*"
                        + option.names().of(Name.PAYMENTS_PER_YEAR) + "/12))",
                option -> paymentsBy(option) * 100L,
                SheetWriter.NUMBER);
        int paid = row(
                "Paid by then",
                (option, column) -> Cents.whole("SUMIF(" + option.columns().all(ScheduleColumns.NUMBER)
                        + ",\"<=\"&" + column + made + "," + option.columns().all(ScheduleColumns.PAID) + ")+SUMIF("
                        + option.columns().all(ScheduleColumns.NUMBER) + ",\"<=\"&" + column + made + ","
                        + option.columns().all(ScheduleColumns.EXTRA) + ")"),
                this::paidBy,
                SheetWriter.AMOUNT);
        int balance = row(
                "Balance then",
                (option, column) -> balance(option, column + made),
                this::balanceThen,
                SheetWriter.AMOUNT);
        if (isAsPaid) {
            row(
                    "All-in cost",
                    (option, column) -> whileHomesCostTheSame(Cents.whole(
                            option.names().of(Name.CASH_TO_CLOSE) + "+" + column + paid + "+" + column + balance)),
                    this::cost,
                    SheetWriter.AMOUNT);
        } else {
            row(
                    "All-in cost, for unchanged inputs",
                    (option, column) -> SheetWriter.whileTrue(allAsSent(), SheetWriter.amount(cost(option))),
                    this::cost,
                    SheetWriter.AMOUNT);
        }
    }

    /** Whether nothing is changed: what one home costs can decide what counts for the others. */
    private String allAsSent() {
        return options.stream()
                .map(option -> option.names().isAsSent())
                .collect(Collectors.joining(
                        ",", "AND(" + SheetWriter.isStill(KEPT, comparison.keptMonths()) + ",", ")"));
    }

    /** What the home itself costs is left out of a comparison as long as it is the same for every option. */
    private String whileHomesCostTheSame(String formula) {
        if (options.size() == 1) {
            return formula;
        }
        String first = homeCosts(options.get(0).names());
        String same = options.stream()
                .skip(1)
                .map(option -> first + "=" + homeCosts(option.names()))
                .collect(Collectors.joining(","));
        return "IF(AND(" + same + ")," + formula + ",\"\")";
    }

    private static String homeCosts(OptionNames names) {
        return Cents.whole(Stream.of(Name.PROPERTY_TAX, Name.HOME_INSURANCE, Name.DUES, Name.OTHER)
                .map(names::of)
                .collect(Collectors.joining("+")));
    }

    /** The balance after the payments made, with interest for the part of a period that has passed since. */
    private static String balance(WorkbookOption option, String made) {
        String after = "IF(" + made + "=0," + option.names().of(Name.LOAN) + ",INDEX("
                + option.columns().all(ScheduleColumns.BALANCE) + "," + made + "))";
        String passed = "(" + KEPT + "*" + option.names().of(Name.PAYMENTS_PER_YEAR) + "-12*" + made + ")/12";
        String rate = "INDEX(" + option.columns().all(ScheduleColumns.RATE) + ",MIN(" + made + "+1,"
                + option.columns().lines() + "))";
        return Cents.whole(after + "+" + Cents.nearest(after + "*" + rate + "*" + passed));
    }

    private void amounts(String label, Name name, ToLongFunction<WorkbookOption> cents) {
        row(label, (option, column) -> option.names().of(name), cents::applyAsLong, SheetWriter.AMOUNT);
    }

    private int row(
            String label,
            BiFunction<WorkbookOption, String, String> formula,
            Function<WorkbookOption, Long> cents,
            String format) {
        int row = sheet.next();
        sheet.text(0, label);
        for (int i = 0; i < options.size(); i++) {
            String column = String.valueOf((char) ('B' + i));
            sheet.formula(
                    i + 1,
                    formula.apply(options.get(i), column),
                    SheetWriter.amount(cents.apply(options.get(i))),
                    format);
        }
        return row;
    }

    private int paymentsBy(WorkbookOption option) {
        return option.figures().moneyMoved(List.of()).paymentsBy(comparison.keptMonths());
    }

    private long paidBy(WorkbookOption option) {
        return option.figures().loan().schedule().paidSoFarCents(paymentsBy(option));
    }

    private long balanceThen(WorkbookOption option) {
        return comparison.options().get(option.place()).kept().balanceCents();
    }

    private long cost(WorkbookOption option) {
        return comparison.options().get(option.place()).kept().costCents();
    }
}
