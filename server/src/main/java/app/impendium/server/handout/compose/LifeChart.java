package app.impendium.server.handout.compose;

import app.impendium.server.evaluation.ScheduleView;
import app.impendium.server.handout.content.AreaMark;
import app.impendium.server.handout.content.ChartBlock;
import app.impendium.server.handout.content.LineMark;
import app.impendium.server.handout.content.Mark;
import app.impendium.server.handout.content.WordsMark;
import app.impendium.server.handout.content.WordsMark.Anchor;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.IntToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** A loan's life drawn: its payments, of interest and principal, or its balance. */
final class LifeChart {
    private static final int AMOUNTS = 72;
    private static final int TOP = 14;
    private static final int HEIGHT = 160;
    private static final int FOOT = 20;
    private static final int LABEL = 8;
    private static final int TICKS = 3;
    private static final int MOST_NAMED_LUMPS = 3;
    /** More points than half the pixels say nothing. */
    private static final int MOST_POINTS = 300;
    /** A payment so many times those beside it is a lump: drawn to scale, it would press all else flat. */
    private static final double LUMP_OF_NEIGHBOURS = 1.5;

    private final ToldCase told;
    private final ScheduleView schedule;
    private final int payments;
    private final int width;

    private LifeChart(ToldCase told, ScheduleView schedule) {
        this.told = told;
        this.schedule = schedule;
        this.payments = told.figures().payments();
        this.width = told.chartWidth();
    }

    /** Each payment, how much of it is interest and how much repays the loan. */
    static ChartBlock payments(ToldCase told, ScheduleView schedule) {
        return new LifeChart(told, schedule).ofPayments();
    }

    /** What is owed after each payment, and what the home is worth then. */
    static ChartBlock balance(ToldCase told, ScheduleView schedule) {
        return new LifeChart(told, schedule).ofBalance();
    }

    private ChartBlock ofPayments() {
        double highest =
                IntStream.rangeClosed(1, payments).mapToLong(this::usual).max().orElse(1);
        LinearScale x = new LinearScale(1, Math.max(2, payments), AMOUNTS, width);
        LinearScale y = LinearScale.nice(0, Math.max(1, highest), TICKS, HEIGHT, TOP);
        IntToDoubleFunction whole = each -> y.at(Math.min(highest, usual(each)));
        IntToDoubleFunction principal = each -> y.at(Math.max(
                0, Math.min(highest, usual(each)) - schedule.interestCents().get(each)));
        List<Mark> marks = new ArrayList<>(amounts(y));
        marks.add(new AreaMark(between(x, 1, principal, whole), "interest"));
        marks.add(new AreaMark(between(x, 1, each -> HEIGHT, principal), "principal"));
        marks.add(WordsMark.strong(AMOUNTS + LABEL, y.at(usual(1)) + 16, "interest", Anchor.START, "ink"));
        marks.add(WordsMark.strong(width - LABEL, HEIGHT - (double) LABEL, "principal", Anchor.END, "paper"));
        marks.addAll(lumps(x, y));
        marks.addAll(days());
        return new ChartBlock(
                "Each payment",
                "Interest and principal of each payment, from the first to the last"
                        + (lumps().isEmpty() ? "" : "; lump payments are marked, not drawn to scale")
                        + ". The schedule tells the amounts.",
                width,
                HEIGHT + FOOT,
                marks);
    }

    /** What is paid then; a lump counts as what stands beside it. */
    private long usual(int payment) {
        long own = total(payment);
        long beside = Math.max(payment == 1 ? 0 : total(payment - 1), payment == payments ? 0 : total(payment + 1));
        return beside > 0 && own > beside * LUMP_OF_NEIGHBOURS ? beside : own;
    }

    private long total(int payment) {
        return schedule.paymentCents().get(payment) + schedule.extraCents().get(payment);
    }

    private ChartBlock ofBalance() {
        List<Long> values = schedule.valueCents();
        long highest = Math.max(
                schedule.balanceCents().stream()
                        .mapToLong(Long::longValue)
                        .max()
                        .orElse(1),
                values == null
                        ? 0
                        : values.stream().mapToLong(Long::longValue).max().orElse(0));
        LinearScale x = new LinearScale(0, payments, AMOUNTS, width);
        LinearScale y = LinearScale.nice(0, Math.max(1, highest), TICKS, HEIGHT, TOP);
        IntToDoubleFunction owed = each -> y.at(schedule.balanceCents().get(each));
        List<Mark> marks = new ArrayList<>(amounts(y));
        marks.add(new AreaMark(between(x, 0, each -> HEIGHT, owed), "balance"));
        marks.add(new LineMark(along(x, owed), "ink", null, 1));
        marks.add(WordsMark.strong(AMOUNTS + LABEL, HEIGHT - (double) LABEL, "balance", Anchor.START, "ink"));
        if (values != null) {
            marks.add(new LineMark(along(x, each -> y.at(values.get(each))), "soft", "4 3", 1));
            marks.add(WordsMark.strong(AMOUNTS + LABEL, y.at(values.get(0)) - 5, "home value", Anchor.START, "soft"));
        }
        marks.addAll(days());
        return new ChartBlock(
                "Balance",
                "What is owed after each payment, down to nothing"
                        + (values == null ? "." : ", below what the home is worth then."),
                width,
                HEIGHT + FOOT,
                marks);
    }

    /** Lines across at round amounts. */
    private List<Mark> amounts(LinearScale y) {
        List<Mark> marks = new ArrayList<>();
        for (double tick : y.ticks(TICKS)) {
            marks.add(LineMark.thin("M" + point(AMOUNTS, y.at(tick)) + "H" + width, "rule"));
            marks.add(WordsMark.soft(
                    AMOUNTS - (double) LABEL, y.at(tick) + 4, told.writing().entry((long) tick), Anchor.END));
        }
        return marks;
    }

    /** The payments that are too large to be drawn to scale beside the others. */
    private List<Integer> lumps() {
        return IntStream.rangeClosed(1, payments)
                .filter(each -> usual(each) < total(each))
                .boxed()
                .toList();
    }

    /** A line up to the top for each lump, with its amount where there are few. */
    private List<Mark> lumps(LinearScale x, LinearScale y) {
        List<Integer> lumps = lumps();
        List<Mark> marks = new ArrayList<>();
        for (int each : lumps) {
            marks.add(LineMark.thin("M" + point(x.at(each), y.at(usual(each))) + "V" + TOP, "ink"));
            if (lumps.size() <= MOST_NAMED_LUMPS) {
                Anchor anchor = x.at(each) > (AMOUNTS + width) / 2.0 ? Anchor.END : Anchor.START;
                marks.add(WordsMark.soft(x.at(each), TOP - 3.0, told.writing().amount(total(each)), anchor));
            }
        }
        return marks;
    }

    private List<Mark> days() {
        double foot = HEIGHT + FOOT - 5.0;
        return List.of(
                WordsMark.soft(
                        AMOUNTS, foot, told.writing().month(told.figures().firstPaymentDate()), Anchor.START),
                WordsMark.soft(width, foot, told.writing().month(told.figures().payoffDate()), Anchor.END));
    }

    private String between(LinearScale x, int first, IntToDoubleFunction lower, IntToDoubleFunction upper) {
        List<Integer> points = points(first);
        String there = points.stream()
                .map(each -> point(x.at(each), upper.applyAsDouble(each)))
                .collect(Collectors.joining("L", "M", ""));
        String back = IntStream.rangeClosed(1, points.size())
                .map(i -> points.get(points.size() - i))
                .mapToObj(each -> point(x.at(each), lower.applyAsDouble(each)))
                .collect(Collectors.joining("L", "L", "Z"));
        return there + back;
    }

    private String along(LinearScale x, IntToDoubleFunction height) {
        return points(0).stream()
                .map(each -> point(x.at(each), height.applyAsDouble(each)))
                .collect(Collectors.joining("L", "M", ""));
    }

    /** As many payments as the chart can show, the last among them. */
    private List<Integer> points(int first) {
        int step = Math.max(1, (payments - first + MOST_POINTS - 1) / MOST_POINTS);
        return IntStream.rangeClosed(first, payments)
                .filter(each -> (each - first) % step == 0 || each == payments)
                .boxed()
                .toList();
    }

    private static String point(double x, double y) {
        return String.format(Locale.ROOT, "%.1f,%.1f", x, y);
    }
}
