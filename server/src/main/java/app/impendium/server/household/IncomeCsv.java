package app.impendium.server.household;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Findings;
import app.impendium.server.csv.Column;
import app.impendium.server.csv.CsvLayout;
import app.impendium.server.csv.CsvLine;
import app.impendium.server.csv.CsvTable;
import app.impendium.server.document.Convention.PayPeriod;
import app.impendium.server.document.HouseholdDocument.IncomeDocument;
import app.impendium.server.evaluation.HouseholdReader;
import app.impendium.server.evaluation.Needed;
import app.impendium.server.problem.RefusedException;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Reads incomes from separated values: {@code income, amount, per}, and where they are there {@code hours, counted, person}. */
final class IncomeCsv {
    private static final int MOST_LINES = 60;
    private static final String INCOME = "income";
    private static final String AMOUNT = "amount";
    private static final String PER = "per";
    private static final String HOURS = "hours";
    private static final String COUNTED = "counted";
    private static final String PERSON = "person";
    private static final int MOST_NAME_CHARACTERS = 60;
    private static final String AN_HOUR = "hour";

    private static final Map<String, PayPeriod> PERIODS = Map.of(
            "year", PayPeriod.YEARLY,
            "quarter", PayPeriod.QUARTERLY,
            "month", PayPeriod.MONTHLY,
            "half month", PayPeriod.SEMI_MONTHLY,
            "two weeks", PayPeriod.BIWEEKLY,
            "week", PayPeriod.WEEKLY);

    private static final CsvLayout LAYOUT = new CsvLayout(
            "income, amount, per; and where there are such hours, counted, person",
            List.of(
                    Column.needed(INCOME, "name", "source", "employer", "description"),
                    Column.needed(AMOUNT, "gross", "gross amount", "pay"),
                    Column.needed(PER, "period", "frequency", "every"),
                    Column.optional(HOURS, "hours a week", "weekly hours"),
                    Column.optional(COUNTED, "counted percent", "share counted"),
                    Column.optional(PERSON, "whose", "borrower", "earner")),
            MOST_LINES);

    private IncomeCsv() {}

    /**
     * The incomes of a text, each with the name of whose it is, where the text says so.
     *
     * @param byHand the headings of columns that their names do not tell
     * @throws RefusedException if a column is missing
     * @throws CaseException with everything that is wrong, each at its line
     */
    static List<ListedIncomeView> read(String text, Map<String, String> byHand) {
        return CsvTable.of(text, LAYOUT, byHand).all(IncomeCsv::income);
    }

    private static Optional<ListedIncomeView> income(CsvLine line) {
        Optional<Long> cents = line.cents(AMOUNT, Entry.AMOUNT);
        String per = line.text(PER).toLowerCase(Locale.ROOT);
        boolean isHourly = per.equals(AN_HOUR);
        if (!isHourly && !PERIODS.containsKey(per)) {
            line.refuseWord("per", per, "year, quarter, month, half month, two weeks, week, hour");
            return Optional.empty();
        }
        Optional<BigDecimal> hours = isHourly ? line.number(HOURS, Entry.HOURS) : Optional.empty();
        Optional<BigDecimal> counted =
                line.text(COUNTED).isEmpty() ? Optional.empty() : line.number(COUNTED, Entry.COUNTED);
        if (cents.isEmpty() || isHourly && hours.isEmpty()) {
            return Optional.empty();
        }
        IncomeDocument income = new IncomeDocument(
                line.id(),
                null,
                line.text(INCOME),
                cents.get(),
                isHourly ? null : PERIODS.get(per),
                hours.orElse(null),
                counted.orElse(null));
        return line.group(() -> {
            HouseholdReader.checkIncome(income);
            String person = line.text(PERSON);
            Findings findings = new Findings();
            Needed.text("person", person, 0, MOST_NAME_CHARACTERS, findings);
            findings.throwIfAny();
            return new ListedIncomeView(income, person.isEmpty() ? null : person);
        });
    }
}
