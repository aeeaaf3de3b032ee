package app.impendium.server.handout.compose;

import app.impendium.server.evaluation.HousingCostView;
import app.impendium.server.evaluation.OptionView.HousingPeriodView;
import app.impendium.server.handout.content.BarMark;
import app.impendium.server.handout.content.ChartBlock;
import app.impendium.server.handout.content.Mark;
import app.impendium.server.handout.content.WordsMark;
import app.impendium.server.handout.content.WordsMark.Anchor;
import java.util.ArrayList;
import java.util.List;

/** What a month costs through the loan's life, the parts stacked under their names. */
final class MonthChart {
    private static final int HEIGHT = 150;
    private static final int LEGEND_LINE = 18;
    private static final int BELOW_LEGEND = 4;
    private static final int FOOT = 20;
    private static final int SWATCH = 10;
    private static final double LETTER = 6.4;

    private final ToldCase told;
    private final int width;
    private final List<Mark> marks = new ArrayList<>();

    private MonthChart(ToldCase told) {
        this.told = told;
        this.width = told.chartWidth();
    }

    static ChartBlock of(ToldCase told) {
        return new MonthChart(told).chart();
    }

    private ChartBlock chart() {
        List<HousingPeriodView> periods = told.figures().housingPeriods();
        int payments = told.figures().payments();
        long most = periods.stream()
                .mapToLong(period -> period.cost().totalCents())
                .max()
                .orElse(1);
        int ground = legend() + HEIGHT;
        for (int i = 0; i < periods.size(); i++) {
            int from = periods.get(i).fromPayment() - 1;
            int until = i + 1 < periods.size() ? periods.get(i + 1).fromPayment() - 1 : payments;
            double left = (double) from / payments * width;
            double right = (double) until / payments * width;
            stack(periods.get(i).cost(), left, right - left, ground, (double) HEIGHT / most);
        }
        double foot = ground + FOOT - 5.0;
        marks.add(WordsMark.soft(0, foot, told.writing().month(told.figures().firstPaymentDate()), Anchor.START));
        marks.add(
                WordsMark.soft(width, foot, told.writing().month(told.figures().payoffDate()), Anchor.END));
        return new ChartBlock(
                "Monthly cost over time",
                "The monthly cost from the first to the last payment, its parts stacked. The table below tells the amounts.",
                width,
                ground + FOOT,
                marks);
    }

    private void stack(HousingCostView cost, double x, double wide, double ground, double pixelsPerCent) {
        double reached = ground;
        for (CostPart part : CostPart.values()) {
            double high = part.of(cost) * pixelsPerCent;
            reached -= high;
            if (high > 0) {
                marks.add(new BarMark(x, reached, wide, high, part.colour()));
            }
        }
    }

    /** Names the parts that are ever due, in as many lines as they need; where they end. */
    private int legend() {
        double x = 0;
        int y = 0;
        for (CostPart part : CostPart.values()) {
            if (told.figures().housingPeriods().stream().noneMatch(period -> part.of(period.cost()) > 0)) {
                continue;
            }
            String words = part.words(told.words());
            double wide = SWATCH + 5 + words.length() * LETTER;
            if (x > 0 && x + wide > width) {
                x = 0;
                y += LEGEND_LINE;
            }
            marks.add(new BarMark(x, y, SWATCH, SWATCH, part.colour()));
            marks.add(WordsMark.soft(x + SWATCH + 5, y + SWATCH - 1.0, words, Anchor.START));
            x += wide + 14;
        }
        return y + LEGEND_LINE + BELOW_LEGEND;
    }
}
