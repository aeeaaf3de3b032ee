package app.impendium.server.handout.compose;

import app.impendium.server.evaluation.ComparedFiguresView;
import app.impendium.server.evaluation.ComparedOptionView;
import app.impendium.server.evaluation.ComparedOptionView.KeptView;
import app.impendium.server.evaluation.ComparisonView;
import app.impendium.server.evaluation.ComparisonView.HomeDifferenceView;
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
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** The options beside one another, which costs least for as long as they keep it, and the advisor's conclusion. */
final class OptionsSection {
    /** More columns than these run out of the paper, or break their words. */
    private static final int MOST_BESIDE = 4;

    private final ToldCase told;
    private final Writing writing;
    private final ComparisonView comparison;
    private final List<Integer> answered;

    private OptionsSection(ToldCase told) {
        this.told = told;
        this.writing = told.writing();
        this.comparison = told.comparison();
        this.answered = IntStream.range(0, comparison.options().size())
                .filter(place -> comparison.options().get(place).figures() != null)
                .boxed()
                .toList();
    }

    static SectionContent of(ToldCase told) {
        return new OptionsSection(told).section();
    }

    private SectionContent section() {
        List<Block> blocks = new ArrayList<>();
        blocks.add(new SentenceBlock("Kept for " + writing.term(comparison.keptMonths()) + ", " + verdict()));
        if (told.isRecommended() && told.isOneOfSeveral()) {
            blocks.add(new TextBlock("We recommend " + told.title() + "."));
        }
        String worth = worth();
        if (!worth.isEmpty()) {
            blocks.add(new TextBlock(worth));
        }
        if (answered.size() > 1) {
            blocks.addAll(tables());
            blocks.add(CostChart.of(told, comparison));
            blocks.add(new TextBlock(cheapest()));
        }
        comparison.homeDifferences().forEach(difference -> blocks.add(new NoteBlock(words(difference))));
        IntStream.range(0, comparison.options().size())
                .filter(place -> !answered.contains(place))
                .forEach(place ->
                        blocks.add(new NoteBlock(told.title(place) + " has no valid results, and is left out.")));
        String conclusion = told.document().conclusion();
        if (conclusion != null) {
            blocks.add(new TextBlock(conclusion));
        }
        return new SectionContent("Your options", blocks);
    }

    private String verdict() {
        if (answered.size() == 1) {
            return named(answered.get(0)) + " costs " + writing.amount(cost(answered.get(0)))
                    + ", with the cash to close, all that is paid and the balance left.";
        }
        List<Integer> best = comparison.cheapestThen();
        if (best.size() == answered.size()) {
            return "all options cost the same.";
        }
        if (best.size() > 1) {
            String names = String.join(" and ", best.stream().map(this::named).toList());
            return names + " cost the same, and less than any other.";
        }
        int first = best.get(0);
        int base = comparison.baseline();
        return first == base ? baseline(base) : other(first, base);
    }

    private String baseline(int base) {
        int next = answered.stream()
                .filter(place -> place != base)
                .min((one, two) -> Long.compare(cost(one), cost(two)))
                .orElseThrow();
        return named(base) + " costs least: " + writing.amount(cost(next) - cost(base)) + " less than " + named(next)
                + ", which costs " + aMonth(month(next) - month(base)) + ".";
    }

    private String other(int best, int base) {
        return named(best) + " costs least: " + writing.amount(cost(base) - cost(best)) + " less than " + named(base)
                + ", for " + aMonth(month(best) - month(base)) + ".";
    }

    private String aMonth(long cents) {
        return cents == 0
                ? "the same a month"
                : writing.amount(Math.abs(cents)) + (cents > 0 ? " more" : " less") + " a month";
    }

    /** What differs besides the financing: the price is 400,000.00 in the baseline, 440,000.00 in 15 years. */
    private String words(HomeDifferenceView difference) {
        String amounts = answered.stream()
                .filter(place -> difference.cents().get(place) != null)
                .map(place -> writing.amount(difference.cents().get(place)) + " in " + named(place))
                .collect(Collectors.joining(", "));
        return switch (difference.part()) {
            case PRICE -> "These options are not at the same price: " + amounts + ".";
            case PROPERTY_TAX -> unlike(told.words().propertyTax(), amounts);
            case HOME_INSURANCE -> unlike("Home insurance", amounts);
            case DUES -> unlike(told.words().dues(), amounts);
            case OTHER -> unlike("Other", amounts);
        };
    }

    private static String unlike(String part, String amounts) {
        return "Not the same costs are counted: " + part.toLowerCase(Locale.ROOT) + " a month is " + amounts + ".";
    }

    private String worth() {
        List<String> said = new ArrayList<>();
        var assumptions = told.document().assumptions();
        if (assumptions.discountPercent() != null
                && assumptions.discountPercent().signum() != 0) {
            said.add("in today’s money at " + writing.percent(assumptions.discountPercent()));
        }
        if (assumptions.marginalTaxPercent() != null
                && assumptions.marginalTaxPercent().signum() != 0) {
            said.add("with " + writing.percent(assumptions.marginalTaxPercent()) + " tax relief on interest");
        }
        return said.isEmpty() ? "" : "Costs are counted " + String.join(", ", said) + ".";
    }

    /** As many tables as keep each narrow enough for the paper, alike in width. */
    private List<TableBlock> tables() {
        int tables = (answered.size() + MOST_BESIDE - 1) / MOST_BESIDE;
        int beside = (answered.size() + tables - 1) / tables;
        return IntStream.range(0, tables)
                .mapToObj(i -> table(
                        i == 0 ? "The options beside one another" : "The options beside one another, continued",
                        answered.subList(i * beside, Math.min((i + 1) * beside, answered.size()))))
                .toList();
    }

    private TableBlock table(String caption, List<Integer> places) {
        List<ColumnContent> head = new ArrayList<>(List.of(new ColumnContent("", false)));
        places.forEach(place -> head.add(new ColumnContent(told.title(place), true)));
        List<RowContent> rows = new ArrayList<>();
        rows.add(figures(places, "Payment", (option, kept) -> writing.amount(option.paymentCents())));
        if (told.tellsDebts()) {
            rows.add(figures(places, "What goes out in a month", (option, kept) -> writing.amount(kept.monthCents())));
        }
        rows.add(figures(
                places,
                told.words().cashToClose(),
                (option, kept) -> writing.amount(option.cashToClose().totalCents())));
        rows.add(figures(
                places,
                "All-in cost, kept for " + writing.term(comparison.keptMonths()),
                (option, kept) -> writing.amount(kept.costCents())));
        rows.add(figures(places, "Total interest", (option, kept) -> writing.amount(option.totalInterestCents())));
        rows.add(figures(places, "Paid off", (option, kept) -> writing.month(option.payoffDate())));
        if (told.isFull()) {
            rows.addAll(more(places));
        }
        return new TableBlock(caption, head, rows);
    }

    private List<RowContent> more(List<Integer> places) {
        return List.of(
                figures(places, "Loan amount", (option, kept) -> writing.amount(option.loanCents())),
                figures(
                        places,
                        "Loan-to-value",
                        (option, kept) -> option.loanToValuePercent() == null
                                ? ""
                                : writing.ratio(option.loanToValuePercent(), 2)),
                figures(places, "Balance then", (option, kept) -> writing.amount(kept.balanceCents())),
                figures(places, "Interest by then", (option, kept) -> writing.amount(kept.interestCents())),
                figures(places, "Total paid", (option, kept) -> writing.amount(option.totalPaidCents())),
                figures(
                        places,
                        told.words().creditCostRate(),
                        (option, kept) -> option.annualPercentageRate() == null
                                ? ""
                                : writing.ratio(option.annualPercentageRate(), 3)));
    }

    private RowContent figures(
            List<Integer> places, String label, BiFunction<ComparedFiguresView, KeptView, String> cell) {
        List<String> cells = new ArrayList<>(List.of(label));
        for (int place : places) {
            ComparedOptionView option = comparison.options().get(place);
            cells.add(cell.apply(option.figures(), option.kept()));
        }
        return TableBlock.row(cells);
    }

    private String cheapest() {
        List<String> runs = comparison.cheapest().stream()
                .map(run -> told.title(run.option()) + " from month " + run.fromMonth() + " to " + run.toMonth())
                .toList();
        return "Costs least, by how long it is kept: " + String.join("; ", runs) + ".";
    }

    private String named(int place) {
        return answered.size() == 1 ? "this loan" : told.title(place);
    }

    private long cost(int place) {
        return kept(place, KeptView::costCents);
    }

    private long month(int place) {
        return kept(place, KeptView::monthCents);
    }

    private long kept(int place, ToLongFunction<KeptView> figure) {
        return figure.applyAsLong(comparison.options().get(place).kept());
    }
}
