package app.impendium.server.handout.compose;

import app.impendium.core.finding.Shortened;
import app.impendium.server.evaluation.ComparedOptionView.KeptView;
import app.impendium.server.evaluation.ComparisonView;
import app.impendium.server.handout.content.BarMark;
import app.impendium.server.handout.content.ChartBlock;
import app.impendium.server.handout.content.LineMark;
import app.impendium.server.handout.content.Mark;
import app.impendium.server.handout.content.WordsMark;
import app.impendium.server.handout.content.WordsMark.Anchor;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

/** What each option costs more or less than the one compared with, by how long it is kept, and which costs least when. */
final class CostChart {
    private static final int AMOUNTS = 84;
    private static final int MOST_LABELS = 160;
    private static final double LABELS_SHARE = 0.28;
    private static final double LETTER = 6.6;
    private static final int YEARS_LABEL = 52;
    private static final int[] YEARS_APART = {2, 5, 10, 20};
    private static final int TOP = 10;
    private static final int HEIGHT = 170;
    private static final int BAND = 10;
    private static final int FOOT = 44;
    private static final int TICKS = 4;
    private static final int LABEL_ROOM = 15;
    private static final int MONTHS_PER_YEAR = 12;
    private static final int NEAR_MONTHS = 120;
    private static final double BEYOND = 1.25;
    private static final long LEAST_SPAN_CENTS = 100_00;
    private static final List<String> COLOURS =
            List.of("soft", "option-1", "option-2", "option-3", "option-4", "option-5");
    private static final String[] DASHES = {null, null, "7 4", "2 3", "9 3 2 3", "15 4"};

    private final ToldCase told;
    private final ComparisonView comparison;
    private final List<Integer> others;
    private final int months;
    private final int labels;
    private final int lines;
    private final LinearScale x;
    private final LinearScale y;

    private CostChart(ToldCase told, ComparisonView comparison) {
        this.told = told;
        this.comparison = comparison;
        this.others = IntStream.range(0, comparison.options().size())
                .filter(place -> place != comparison.baseline())
                .filter(place -> comparison.options().get(place).kept() != null)
                .boxed()
                .toList();
        int beyond = (int) Math.ceil(comparison.keptMonths() * BEYOND / MONTHS_PER_YEAR) * MONTHS_PER_YEAR;
        this.months = Math.min(comparison.horizonMonths(), Math.max(NEAR_MONTHS, beyond));
        this.labels = (int) Math.min(MOST_LABELS, told.chartWidth() * LABELS_SHARE);
        this.lines = told.chartWidth() - AMOUNTS - labels;
        this.x = new LinearScale(0, months, AMOUNTS, AMOUNTS + lines);
        this.y = amounts();
    }

    static ChartBlock of(ToldCase told, ComparisonView comparison) {
        return new CostChart(told, comparison).chart();
    }

    private ChartBlock chart() {
        List<Mark> marks = new ArrayList<>();
        for (double tick : y.ticks(TICKS)) {
            marks.add(
                    LineMark.thin("M" + AMOUNTS + "," + tenths(y.at(tick)) + "h" + lines, tick == 0 ? "soft" : "rule"));
            String words =
                    tick == 0 ? "same" : told.writing().difference((long) tick).replace(".00", "");
            marks.add(WordsMark.soft(AMOUNTS - 8.0, y.at(tick) + 4, words, Anchor.END));
        }
        others.forEach(place -> marks.add(line(place)));
        marks.addAll(labels());
        double kept = x.at(Math.min(comparison.keptMonths(), months));
        marks.add(LineMark.thin("M" + tenths(kept) + ",0V" + (HEIGHT + BAND + 6), "ink"));
        marks.addAll(band());
        return new ChartBlock(
                "All-in cost compared with " + told.title(comparison.baseline()) + ", by how long it is kept",
                "A line for each option, above the middle where it costs more. The upright line marks how long they keep it; "
                        + "the band below shows which costs least. The table above tells the amounts.",
                told.chartWidth(),
                HEIGHT + FOOT,
                marks);
    }

    private LinearScale amounts() {
        long least = 0;
        long most = 0;
        for (int place : others) {
            for (int month = 0; month <= months; month++) {
                least = Math.min(least, difference(place, month));
                most = Math.max(most, difference(place, month));
            }
        }
        double spare = Math.max(0, LEAST_SPAN_CENTS - (most - least)) / 2.0;
        return LinearScale.nice(least - spare, most + spare, TICKS, HEIGHT, TOP);
    }

    private long difference(int place, int month) {
        return cost(place, month) - cost(comparison.baseline(), month);
    }

    private long cost(int place, int month) {
        KeptView kept = comparison.options().get(place).kept();
        long[] costs = kept.costsByMonthCents();
        return costs[Math.min(month, costs.length - 1)];
    }

    private Mark line(int place) {
        StringBuilder path = new StringBuilder();
        for (int month = 0; month <= months; month++) {
            path.append(month == 0 ? 'M' : 'L')
                    .append(tenths(x.at(month)))
                    .append(',')
                    .append(tenths(y.at(difference(place, month))));
        }
        return new LineMark(path.toString(), COLOURS.get(place), DASHES[place], 2);
    }

    /** What the lines are called, where they end, pushed apart so that each has its room. */
    private List<Mark> labels() {
        List<Integer> byHeight = others.stream()
                .sorted((one, two) -> Long.compare(difference(two, months), difference(one, months)))
                .toList();
        List<Mark> marks = new ArrayList<>();
        double free = 4;
        for (int i = 0; i < byHeight.size(); i++) {
            int place = byHeight.get(i);
            double lowest = HEIGHT - (byHeight.size() - 1.0 - i) * LABEL_ROOM;
            double at = Math.min(lowest, Math.max(free, y.at(difference(place, months))));
            free = at + LABEL_ROOM;
            marks.add(WordsMark.strong(
                    AMOUNTS + lines + 8.0, at + 4, shortened(told.title(place)), Anchor.START, COLOURS.get(place)));
        }
        return marks;
    }

    private String shortened(String title) {
        return Shortened.to((int) (labels / LETTER), title);
    }

    private List<Mark> band() {
        List<Mark> marks = new ArrayList<>();
        double top = HEIGHT + 8.0;
        comparison.cheapest().stream().filter(run -> run.fromMonth() <= months).forEach(run -> {
            double from = x.at(run.fromMonth() - 1.0);
            double until = x.at(Math.min(run.toMonth(), months));
            marks.add(new BarMark(from, top, until - from, BAND - 4.0, COLOURS.get(run.option())));
        });
        int everyYears = yearsApart();
        for (int year = everyYears; year * MONTHS_PER_YEAR <= months; year += everyYears) {
            marks.add(WordsMark.soft(
                    x.at(year * (double) MONTHS_PER_YEAR), HEIGHT + FOOT - 8.0, year + " years", Anchor.MIDDLE));
        }
        return marks;
    }

    /** How many years lie between two that are named, so that their names stand apart. */
    private int yearsApart() {
        int years = months / MONTHS_PER_YEAR;
        return IntStream.of(YEARS_APART)
                .filter(apart -> years / apart * YEARS_LABEL <= lines)
                .findFirst()
                .orElse(years);
    }

    private static String tenths(double pixels) {
        return String.format(Locale.ROOT, "%.1f", pixels);
    }
}
