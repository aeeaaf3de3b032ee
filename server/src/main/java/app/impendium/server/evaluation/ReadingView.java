package app.impendium.server.evaluation;

import app.impendium.core.afford.LimitSet;
import app.impendium.core.afford.Reading;
import app.impendium.server.document.Convention.Measure;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/**
 * What a test says.
 *
 * @param test its place in the set
 * @param limit in the unit of the measure; absent where it cannot be told
 * @param reached in the same unit, with so many digits that it is seen to meet the limit or not; absent where it cannot be told
 * @param spareCents by how much it is met, in what it tests: a month's cost, the loan, the money left; for a score in points;
 *     negative by how much it is missed; absent where it cannot be told
 * @param unknown why it cannot be told; absent where it can
 */
public record ReadingView(
        int test,
        Measure measure,
        @Schema(nullable = true) BigDecimal limit,
        @Schema(nullable = true) BigDecimal reached,
        @Schema(nullable = true) Long spareCents,
        @Schema(nullable = true) Reading.Why unknown,
        boolean isMet) {

    static List<ReadingView> all(LimitSet set, List<Reading> readings) {
        List<ReadingView> views = new ArrayList<>(readings.size());
        int test = 0;
        for (Reading reading : readings) {
            // In the set's order; of two that are alike, each stands for itself.
            while (!set.tests().get(test).equals(reading.test())) {
                test++;
            }
            views.add(of(test++, reading));
        }
        return views;
    }

    private static ReadingView of(int test, Reading reading) {
        Measure measure = Measure.valueOf(reading.test().measure().name());
        if (reading instanceof Reading.Measured measured) {
            return new ReadingView(
                    test, measure, measured.limit(), measured.written(), measured.spare(), null, measured.isMet());
        }
        Reading.Unknown unknown = (Reading.Unknown) reading;
        return new ReadingView(test, measure, unknown.limit().orElse(null), null, null, unknown.why(), false);
    }
}
