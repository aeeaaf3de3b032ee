package app.impendium.server.opendata;

import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.Convention.DebtKind;
import app.impendium.server.document.Convention.PayPeriod;
import app.impendium.server.document.DebtDocument;
import app.impendium.server.document.HouseholdDocument.IncomeDocument;
import app.impendium.server.document.HouseholdDocument.PersonDocument;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.evaluation.ComparedOptionView;
import app.impendium.server.evaluation.ScheduleView;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** A case's lists as lines of values: amounts in units of the currency with two decimals, days as 2027-03-01. */
final class CaseTables {
    private CaseTables() {}

    /** Every payment of an option, counted from 0. */
    static List<List<String>> schedule(CaseDocument document, int option) {
        ScheduleView schedule = new CaseAnswers(document).schedule(option);
        List<List<String>> lines = new ArrayList<>();
        lines.add(List.of(
                "payment", "date", "amount", "interest", "principal", "extra", "mortgage insurance", "balance"));
        for (int line = 1; line < schedule.balanceCents().size(); line++) {
            lines.add(List.of(
                    String.valueOf(line),
                    schedule.dates().get(line - 1).toString(),
                    amount(schedule.paymentCents().get(line)),
                    amount(schedule.interestCents().get(line)),
                    amount(schedule.principalCents().get(line)),
                    amount(schedule.extraCents().get(line)),
                    amount(schedule.insuranceCents().get(line)),
                    amount(schedule.balanceCents().get(line))));
        }
        return lines;
    }

    /**
     * The options beside one another, each in a line; one without figures is left out.
     *
     * @param titles what the options are called
     */
    static List<List<String>> options(CaseDocument document, List<String> titles) {
        List<ComparedOptionView> options =
                new CaseAnswers(document).comparison().options();
        List<List<String>> lines = new ArrayList<>();
        lines.add(List.of(
                "option",
                "loan",
                "rate",
                "term months",
                "payment",
                "month",
                "cash to close",
                "all-in cost",
                "balance then",
                "total interest",
                "total paid",
                "paid off"));
        for (int place = 0; place < options.size(); place++) {
            ComparedOptionView option = options.get(place);
            if (option.figures() != null) {
                lines.add(List.of(
                        titles.get(place),
                        amount(option.figures().loanCents()),
                        number(document.options().get(place).terms().ratePercent()),
                        String.valueOf(document.options().get(place).terms().amortizationMonths()),
                        amount(option.figures().paymentCents()),
                        amount(option.kept().monthCents()),
                        amount(option.figures().cashToClose().totalCents()),
                        amount(option.kept().costCents()),
                        amount(option.kept().balanceCents()),
                        amount(option.figures().totalInterestCents()),
                        amount(option.figures().totalPaidCents()),
                        option.figures().payoffDate().toString()));
            }
        }
        return lines;
    }

    /** What the people earn, as it is read back. */
    static List<List<String>> incomes(CaseDocument document) {
        List<List<String>> lines = new ArrayList<>();
        lines.add(List.of("income", "amount", "per", "hours", "counted", "person"));
        Map<String, String> names = document.household().people().stream()
                .collect(Collectors.toMap(PersonDocument::id, PersonDocument::name));
        for (IncomeDocument income : document.household().incomes()) {
            lines.add(List.of(
                    income.name(),
                    amount(income.cents()),
                    income.per() == null ? "hour" : period(income.per()),
                    orNothing(income.hoursPerWeek()),
                    orNothing(income.countedPercent()),
                    income.person() == null ? "" : names.get(income.person())));
        }
        return lines;
    }

    /** What they owe, as it is read back. */
    static List<List<String>> debts(CaseDocument document) {
        List<List<String>> lines = new ArrayList<>();
        lines.add(List.of("debt", "kind", "payment", "balance", "months left", "rate"));
        for (DebtDocument debt : document.debts()) {
            lines.add(List.of(
                    debt.name(),
                    kind(debt.kind() == null ? DebtKind.LOAN : debt.kind()),
                    debt.paymentCents() == null ? "" : amount(debt.paymentCents()),
                    debt.balanceCents() == null ? "" : amount(debt.balanceCents()),
                    debt.paymentsLeft() == null ? "" : String.valueOf(debt.paymentsLeft()),
                    orNothing(debt.ratePercent())));
        }
        return lines;
    }

    private static String period(PayPeriod per) {
        return switch (per) {
            case YEARLY -> "year";
            case QUARTERLY -> "quarter";
            case MONTHLY -> "month";
            case SEMI_MONTHLY -> "half month";
            case BIWEEKLY -> "two weeks";
            case WEEKLY -> "week";
        };
    }

    private static String kind(DebtKind kind) {
        return kind.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static String amount(long cents) {
        return BigDecimal.valueOf(cents, 2).toPlainString();
    }

    private static String orNothing(BigDecimal number) {
        return number == null ? "" : number(number);
    }

    private static String number(BigDecimal number) {
        return number.stripTrailingZeros().toPlainString();
    }
}
