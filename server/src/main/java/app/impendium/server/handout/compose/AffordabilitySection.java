package app.impendium.server.handout.compose;

import app.impendium.core.afford.DebtRule;
import app.impendium.server.document.DebtDocument;
import app.impendium.server.document.HandoutDocument.Private;
import app.impendium.server.document.HouseholdDocument.IncomeDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.evaluation.AssessedView;
import app.impendium.server.evaluation.AssessedView.CountedDebtView;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.evaluation.ReadingView;
import app.impendium.server.handout.content.Block;
import app.impendium.server.handout.content.HandoutContent.SectionContent;
import app.impendium.server.handout.content.NoteBlock;
import app.impendium.server.handout.content.SentenceBlock;
import app.impendium.server.handout.content.TableBlock;
import app.impendium.server.handout.content.TableBlock.ColumnContent;
import app.impendium.server.handout.content.TableBlock.RowContent;
import app.impendium.server.handout.content.TextBlock;
import app.impendium.server.words.Writing;
import java.util.ArrayList;
import java.util.List;

/**
 * Whether the loan fits what a lender allows. Without incomes nothing is said that they could be worked out from: a share of the
 * income beside the cost of the home would tell it.
 */
final class AffordabilitySection {
    private final ToldCase told;
    private final Writing writing;
    private final LimitSetDocument limits;
    private final AssessedView view;
    private final boolean tellsIncomes;

    private AffordabilitySection(ToldCase told, LimitSetDocument limits) {
        this.told = told;
        this.writing = told.writing();
        this.limits = limits;
        this.view = told.heldAgainst(limits);
        this.tellsIncomes = !told.leavesOut(Private.INCOMES);
    }

    /** The section; one that says so where there is no limit set to hold the loan against. */
    static SectionContent of(ToldCase told) {
        List<Block> blocks = told.limits()
                .map(limits -> new AffordabilitySection(told, limits).blocks())
                .orElseGet(() -> List.of(new TextBlock("No limits are kept for this market.")));
        return new SectionContent("What you can afford", blocks);
    }

    private List<Block> blocks() {
        List<Block> blocks = new ArrayList<>();
        blocks.add(new SentenceBlock(answer()));
        blocks.add(readings());
        blocks.add(new TextBlock(
                "Limits: " + limits.source() + ", as of " + writing.day(limits.day()) + ". The lender decides."));
        if (tellsIncomes && !told.document().household().incomes().isEmpty()) {
            blocks.add(incomes());
        }
        if (told.tellsDebts() && !told.document().debts().isEmpty()) {
            blocks.add(debts());
        }
        if (told.document().debts().stream().anyMatch(debt -> Boolean.TRUE.equals(debt.simulated()))) {
            blocks.add(new NoteBlock("Some debts come from a simulated credit report."));
        }
        return blocks;
    }

    private String answer() {
        boolean isTold = view.readings().stream().allMatch(reading -> reading.unknown() == null);
        String verdict = view.isMet()
                ? "This loan keeps to the limits of " + limits.name() + "."
                : isTold
                        ? "This loan does not keep to the limits of " + limits.name() + "."
                        : "Whether this loan keeps to the limits of " + limits.name() + " cannot be told whole.";
        return tellsIncomes && view.monthlyIncomeCents() > 0
                ? "You earn " + writing.amount(view.monthlyIncomeCents()) + " a month before tax. " + verdict
                : verdict;
    }

    private TableBlock readings() {
        List<ColumnContent> head =
                new ArrayList<>(List.of(new ColumnContent("Test", false), new ColumnContent("Limit", true)));
        if (tellsIncomes) {
            head.add(new ColumnContent("This loan", true));
        }
        head.add(new ColumnContent("", false));
        return new TableBlock(
                "Tests of " + limits.name(),
                head,
                view.readings().stream().map(this::row).toList());
    }

    private RowContent row(ReadingView reading) {
        ReadingWords words = new ReadingWords(reading, limits, writing);
        List<String> cells = new ArrayList<>(List.of(words.name(), words.limit()));
        if (tellsIncomes) {
            cells.add(tells(reading) ? words.reached() : "");
        }
        cells.add(tellsIncomes && tells(reading) ? words.verdict() : words.verdictAlone());
        return TableBlock.row(cells);
    }

    /** Beside the incomes and the cost of the home, a figure that counts the debts tells them by subtraction. */
    private boolean tells(ReadingView reading) {
        return told.tellsDebts()
                || switch (reading.measure()) {
                    case BACK_END, DEBT_TO_INCOME, RESIDUAL_INCOME -> false;
                    case FRONT_END, LOAN_TO_INCOME, LOAN_TO_VALUE, RESERVES, SCORE -> true;
                };
    }

    private TableBlock incomes() {
        List<Long> counted = CaseAnswers.household(told.document()).incomesCents();
        List<IncomeDocument> given = told.document().household().incomes();
        List<RowContent> rows = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            rows.add(TableBlock.row(List.of(name(given.get(i).name(), "Income"), writing.amount(counted.get(i)))));
        }
        rows.add(new RowContent(List.of("Total counted", writing.amount(view.monthlyIncomeCents())), true));
        return new TableBlock(
                "Income before tax", List.of(new ColumnContent("", false), new ColumnContent("A month", true)), rows);
    }

    private TableBlock debts() {
        List<DebtDocument> given = told.document().debts();
        List<RowContent> rows = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            DebtDocument debt = given.get(i);
            CountedDebtView counted = view.debts().get(i);
            rows.add(TableBlock.row(List.of(
                    name(debt.name(), "Debt"),
                    amount(debt.paymentCents()),
                    amount(debt.balanceCents()),
                    writing.amount(counted.cents()),
                    why(counted.why()))));
        }
        rows.add(new RowContent(List.of("Total counted", "", "", writing.amount(view.monthlyDebtsCents()), ""), true));
        return new TableBlock(
                "Debts",
                List.of(
                        new ColumnContent("", false),
                        new ColumnContent("Payment", true),
                        new ColumnContent("Balance", true),
                        new ColumnContent("Counted a month", true),
                        new ColumnContent("", false)),
                rows);
    }

    private String amount(Long cents) {
        return cents == null ? "" : writing.amount(cents);
    }

    /** Why a debt counts another amount than its payment. */
    private String why(DebtRule.Why why) {
        return switch (why) {
            case PAYMENT -> "";
            case SHARE_OF_BALANCE -> writing.percent(limits.balanceSharePercent()) + " of the balance";
            case NEARLY_PAID -> limits.leftOutAtMostPayments() + " or fewer payments left";
            case PAID_OFF -> "paid off at closing";
            case NOTHING_KNOWN -> "not known yet";
            case NEVER_COUNTS -> "not a lender debt";
        };
    }

    private static String name(String given, String usual) {
        return given == null || given.isBlank() ? usual : given;
    }
}
