package app.impendium.server.loanlist;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import app.impendium.server.csv.Column;
import app.impendium.server.csv.CsvLayout;
import app.impendium.server.csv.CsvLine;
import app.impendium.server.csv.CsvTable;
import app.impendium.server.document.AmountOrShare;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.FinancingDocument;
import app.impendium.server.document.HousingDocument;
import app.impendium.server.document.LoanOnlyDocument;
import app.impendium.server.document.Market;
import app.impendium.server.document.OptionDocument;
import app.impendium.server.document.PurchaseDocument;
import app.impendium.server.document.TermsDocument;
import app.impendium.server.evaluation.DocumentEvaluator;
import app.impendium.server.problem.FieldProblem;
import app.impendium.server.problem.RefusedException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Reads loans from separated values, each line as a case with the usual terms of a market. */
final class LoanCsv {
    private static final int MOST_LINES = 50_000;
    private static final int TOLD_EVERY = 1000;
    private static final int MONTHS_PER_YEAR = 12;

    private static final String CASE = "case";
    private static final String CLIENTS = "clients";
    private static final String PRICE = "price";
    private static final String DOWN = "down payment";
    private static final String LOAN = "loan amount";
    private static final String RATE = "rate";
    private static final String YEARS = "years";
    private static final String MONTHS = "months";
    private static final String FIRST_PAYMENT = "first payment";
    private static final String TAX = "property tax";
    private static final String INSURANCE = "home insurance";
    private static final String DUES = "dues";
    private static final String WHAT_IS_WRONG = "what is wrong";

    private static final List<Column> COLUMNS = List.of(
            Column.needed(CASE, "title", "name", "loan", "reference", "address", "property"),
            Column.optional(CLIENTS, "client", "borrower", "borrowers", "customer"),
            Column.optional(PRICE, "purchase price", "home price", "value"),
            Column.optional(DOWN, "down", "deposit", "money down"),
            Column.optional(LOAN, "amount", "principal", "original balance", "amount borrowed"),
            Column.needed(RATE, "interest rate", "annual rate", "yearly rate", "note rate", "rate percent"),
            Column.optional(YEARS, "term", "term in years", "term years"),
            Column.optional(MONTHS, "term in months", "term months", "number of payments"),
            Column.optional(FIRST_PAYMENT, "first payment date", "first due", "from"),
            Column.optional(TAX, "property tax a year", "annual tax", "taxes"),
            Column.optional(INSURANCE, "insurance", "home insurance a year", "hazard insurance"),
            Column.optional(DUES, "association dues", "dues a month", "service charge"));
    private static final CsvLayout LAYOUT = new CsvLayout(
            "case, rate, years or months, loan amount or price and down payment; and where"
                    + " there are such clients, first payment, property tax, home insurance, dues",
            COLUMNS,
            MOST_LINES);

    /** The column in which each part of a case stands. */
    private static final Map<String, String> COLUMN_OF = Map.ofEntries(
            Map.entry("title", CASE),
            Map.entry("clients", CLIENTS),
            Map.entry("options[0].financing.priceCents", PRICE),
            Map.entry("options[0].financing.down", DOWN),
            Map.entry("options[0].financing.loanCents", LOAN),
            Map.entry("options[0].terms.ratePercent", RATE),
            Map.entry("options[0].terms.amortizationMonths", YEARS),
            Map.entry("options[0].terms.rateTermMonths", YEARS),
            Map.entry("options[0].terms.firstPayment", FIRST_PAYMENT),
            Map.entry("options[0].housing.propertyTax", TAX),
            Map.entry("options[0].housing.homeInsuranceCents", INSURANCE),
            Map.entry("options[0].housing.duesCents", DUES));

    private final CaseDocument usual;
    private final OptionDocument usualOption;
    private final boolean isMonthFirst;
    private final CsvTable table;

    private LoanCsv(CsvTable table, CaseDocument usual) {
        this.table = table;
        this.usual = usual;
        this.usualOption = usual.options().get(0);
        this.isMonthFirst = Market.of(usual) == Market.US;
    }

    /**
     * The loans of a text, and what is wrong in it by its lines.
     *
     * @param byHand the headings of columns that their names do not tell
     * @param usual the terms that apply where a line says nothing
     * @param told how many lines are read so far, and of how many, from time to time
     * @throws RefusedException if a column is missing
     * @throws CaseException if there are no lines, or too many
     */
    static ReadLoans read(String text, Map<String, String> byHand, CaseDocument usual, Progress told) {
        CsvTable table = CsvTable.of(text, LAYOUT, byHand);
        boolean hasAmount = table.has(LOAN) || table.has(PRICE, DOWN);
        if (!hasAmount || !table.has(YEARS) && !table.has(MONTHS)) {
            throw table.unknownColumns();
        }
        return new LoanCsv(table, usual).all(told);
    }

    /** Told how far something is. */
    interface Progress {
        void at(int done, int of);
    }

    private ReadLoans all(Progress told) {
        List<CsvLine> lines = table.lines();
        List<CaseDocument> loans = new ArrayList<>(lines.size());
        List<Finding> findings = new ArrayList<>();
        List<List<String>> faulty = new ArrayList<>();
        faulty.add(with(table.headings(), WHAT_IS_WRONG));
        for (int read = 0; read < lines.size(); read++) {
            CsvLine line = lines.get(read);
            loan(line).ifPresent(loans::add);
            findings.addAll(line.findings());
            if (!line.findings().isEmpty()) {
                faulty.add(with(line.cells(), wrong(line)));
            }
            if ((read + 1) % TOLD_EVERY == 0) {
                told.at(read + 1, lines.size());
            }
        }
        return new ReadLoans(table.columns(), loans, findings, faulty);
    }

    private static List<String> with(List<String> cells, String last) {
        return Stream.concat(cells.stream(), Stream.of(last)).toList();
    }

    private static String wrong(CsvLine line) {
        return line.findings().stream()
                .map(finding -> FieldProblem.inBody(finding).message())
                .collect(Collectors.joining(" "));
    }

    private Optional<CaseDocument> loan(CsvLine line) {
        Optional<FinancingDocument> financing = financing(line);
        Optional<BigDecimal> rate = line.number(RATE, RATE);
        Optional<Integer> months = months(line);
        Optional<LocalDate> first = line.text(FIRST_PAYMENT).isEmpty()
                ? Optional.of(usualOption.terms().firstPayment())
                : line.day(FIRST_PAYMENT, FIRST_PAYMENT, isMonthFirst);
        HousingDocument housing = housing(line);
        if (financing.isEmpty()
                || rate.isEmpty()
                || months.isEmpty()
                || first.isEmpty()
                || !line.findings().isEmpty()) {
            return Optional.empty();
        }
        TermsDocument terms = usualOption
                .terms()
                .withRatePercent(rate.get())
                .withAmortizationMonths(months.get())
                .withFirstPayment(first.get());
        OptionDocument option = new OptionDocument(
                usualOption.id(),
                null,
                financing.get(),
                terms,
                usualOption.features(),
                usualOption.closing(),
                housing,
                null);
        CaseDocument document = usual.named(line.text(CASE), line.text(CLIENTS)).withOptions(List.of(option));
        try {
            DocumentEvaluator.evaluate(document);
            return Optional.of(document);
        } catch (CaseException refusal) {
            line.refuseAll(refusal.findings().stream()
                    .map(finding -> finding.at(columnOf(finding.path())))
                    .toList());
            return Optional.empty();
        }
    }

    private String columnOf(String path) {
        String column = COLUMN_OF.getOrDefault(path, CASE);
        return column.equals(YEARS) && !table.has(YEARS) ? MONTHS : column;
    }

    /** A purchase where the price is said, with what is paid down or what is borrowed; else the loan alone. */
    private static Optional<FinancingDocument> financing(CsvLine line) {
        if (line.text(PRICE).isEmpty()) {
            return line.cents(LOAN, LOAN).map(LoanOnlyDocument::new);
        }
        Optional<Long> price = line.cents(PRICE, PRICE);
        Optional<AmountOrShare> down = line.text(DOWN).isEmpty()
                ? line.cents(LOAN, LOAN).flatMap(loan -> price.map(cents -> new AmountOrShare(cents - loan, null)))
                : down(line);
        return price.flatMap(cents -> down.map(paid -> new PurchaseDocument(cents, paid, null, null)));
    }

    private static Optional<AmountOrShare> down(CsvLine line) {
        return line.text(DOWN).endsWith("%")
                ? line.number(DOWN, DOWN).map(percent -> new AmountOrShare(null, percent))
                : line.cents(DOWN, DOWN).map(cents -> new AmountOrShare(cents, null));
    }

    private static Optional<Integer> months(CsvLine line) {
        if (!line.text(MONTHS).isEmpty()) {
            return line.whole(MONTHS, MONTHS);
        }
        Optional<BigDecimal> months =
                line.number(YEARS, YEARS).map(years -> years.multiply(BigDecimal.valueOf(MONTHS_PER_YEAR)));
        if (months.isPresent() && months.get().stripTrailingZeros().scale() > 0) {
            line.refuse(YEARS, line.text(YEARS));
            return Optional.empty();
        }
        return months.map(BigDecimal::intValue);
    }

    /** What the line says of it, and nothing where it says nothing: a made-up tax would be taken for the home's own. */
    private static HousingDocument housing(CsvLine line) {
        Long tax = line.centsOrNull(TAX, TAX);
        return new HousingDocument(
                tax == null ? null : new AmountOrShare(tax, null),
                null,
                line.centsOrNull(INSURANCE, INSURANCE),
                null,
                null,
                null,
                line.centsOrNull(DUES, DUES),
                null);
    }
}
