package app.impendium.server.household;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field.Entry;
import app.impendium.server.csv.Column;
import app.impendium.server.csv.CsvLayout;
import app.impendium.server.csv.CsvLine;
import app.impendium.server.csv.CsvTable;
import app.impendium.server.document.Convention.DebtKind;
import app.impendium.server.document.DebtDocument;
import app.impendium.server.evaluation.DebtReader;
import app.impendium.server.problem.RefusedException;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Reads debts from separated values: {@code debt, payment, balance}, and where they are there {@code kind, months left, rate}. What
 * is not said of a kind is left open.
 */
final class DebtCsv {
    private static final int MOST_LINES = 60;
    private static final String DEBT = "debt";
    private static final String KIND = "kind";
    private static final String PAYMENT = "payment";
    private static final String BALANCE = "balance";
    private static final String MONTHS_LEFT = "months left";
    private static final String RATE = "rate";

    private static final Map<String, DebtKind> KINDS = Map.of(
            "loan", DebtKind.LOAN,
            "card", DebtKind.CARD,
            "student loan", DebtKind.STUDENT_LOAN,
            "support", DebtKind.SUPPORT,
            "lease", DebtKind.LEASE,
            "bill", DebtKind.BILL);

    private static final CsvLayout LAYOUT = new CsvLayout(
            "debt, payment, balance; and where there are such kind, months left, rate",
            List.of(
                    Column.needed(DEBT, "name", "creditor", "owed to", "account", "description"),
                    Column.needed(PAYMENT, "monthly payment", "payment a month", "a month", "monthly"),
                    Column.needed(BALANCE, "owed", "amount owed", "outstanding"),
                    Column.optional(KIND, "type"),
                    Column.optional(MONTHS_LEFT, "months", "payments left", "remaining months"),
                    Column.optional(RATE, "interest rate", "rate percent")),
            MOST_LINES);

    private DebtCsv() {}

    /**
     * The debts of a text.
     *
     * @param byHand the headings of columns that their names do not tell
     * @throws RefusedException if a column is missing
     * @throws CaseException with everything that is wrong, each at its line
     */
    static List<DebtDocument> read(String text, Map<String, String> byHand) {
        return CsvTable.of(text, LAYOUT, byHand).all(DebtCsv::debt);
    }

    private static Optional<DebtDocument> debt(CsvLine line) {
        String kind = line.text(KIND).toLowerCase(Locale.ROOT);
        if (!kind.isEmpty() && !KINDS.containsKey(kind)) {
            line.refuseWord("kind", kind, "loan, card, student loan, support, lease, bill");
            return Optional.empty();
        }
        Long balance = line.centsOrNull(BALANCE, Entry.BALANCE);
        Long payment = line.centsOrNull(PAYMENT, Entry.PAYMENT);
        Optional<Integer> left =
                line.text(MONTHS_LEFT).isEmpty() ? Optional.empty() : line.whole(MONTHS_LEFT, Entry.PAYMENTS_LEFT);
        Optional<BigDecimal> rate = line.text(RATE).isEmpty() ? Optional.empty() : line.number(RATE, Entry.RATE);
        DebtDocument debt = new DebtDocument(
                line.id(),
                line.text(DEBT),
                KINDS.get(kind),
                balance,
                payment,
                rate.orElse(null),
                left.orElse(null),
                null);
        return line.group(() -> {
            DebtReader.check(debt);
            return debt;
        });
    }
}
