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

/** What a month costs through the loan's life, the parts stacked. */
final class MonthChart {
    private static final int WIDTH = 680;
    private static final int HEIGHT = 150;
    private static final int LEGEND = 22;
    private static final int FOOT = 20;
    private static final int SWATCH = 10;
    private static final double LETTER = 6.4;

    private MonthChart() {}

    static ChartBlock of(ToldCase told) {
        List<HousingPeriodView> periods = told.figures().housingPeriods();
        int payments = told.figures().payments();
        long most = periods.stream()
                .mapToLong(period -> period.cost().totalCents())
                .max()
                .orElse(1);
        List<Mark> marks = new ArrayList<>(legend(told));
        for (int i = 0; i < periods.size(); i++) {
            int from = periods.get(i).fromPayment() - 1;
            int until = i + 1 < periods.size() ? periods.get(i + 1).fromPayment() - 1 : payments;
            stack(
                    periods.get(i).cost(),
                    (double) from / payments * WIDTH,
                    (double) (until - from) / payments * WIDTH,
                    most,
                    marks);
        }
        double foot = LEGEND + HEIGHT + FOOT - 5.0;
        marks.add(WordsMark.soft(0, foot, told.writing().month(told.figures().firstPaymentDate()), Anchor.START));
        marks.add(
                WordsMark.soft(WIDTH, foot, told.writing().month(told.figures().payoffDate()), Anchor.END));
        return new ChartBlock(
                "Monthly cost over time",
                "The monthly cost from the first to the last payment, its parts stacked. The table below tells the amounts.",
                WIDTH,
                LEGEND + HEIGHT + FOOT,
                marks);
    }

    private static void stack(HousingCostView cost, double x, double width, long most, List<Mark> marks) {
        double reached = (double) LEGEND + HEIGHT;
        for (CostPart part : CostPart.values()) {
            double high = (double) part.of(cost) / most * HEIGHT;
            reached -= high;
            if (high > 0) {
                marks.add(new BarMark(x, reached, width, high, part.colour()));
            }
        }
    }

    private static List<Mark> legend(ToldCase told) {
        List<Mark> marks = new ArrayList<>();
        double x = 0;
        for (CostPart part : CostPart.values()) {
            boolean isDue = told.figures().housingPeriods().stream().anyMatch(period -> part.of(period.cost()) > 0);
            if (isDue) {
                String words = part.words(told.words());
                marks.add(new BarMark(x, 0, SWATCH, SWATCH, part.colour()));
                marks.add(WordsMark.soft(x + SWATCH + 5, SWATCH - 1.0, words, Anchor.START));
                x += SWATCH + 5 + words.length() * LETTER + 14;
            }
        }
        return marks;
    }
}
