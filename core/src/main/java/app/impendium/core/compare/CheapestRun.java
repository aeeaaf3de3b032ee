package app.impendium.core.compare;

import java.util.ArrayList;
import java.util.List;

/**
 * The longest run of months, all of them counted, for which one option costs least.
 *
 * @param option its place among the options, from 0; of several that cost the same, the first
 */
public record CheapestRun(int fromMonth, int toMonth, int option) {

    /** The runs from month 1 to a horizon, in order and without gaps. */
    static List<CheapestRun> of(List<KeptCost> costs, int horizon) {
        List<CheapestRun> runs = new ArrayList<>();
        int from = 1;
        int cheapest = cheapestAfter(costs, 1);
        for (int month = 2; month <= horizon; month++) {
            int now = cheapestAfter(costs, month);
            if (now != cheapest) {
                runs.add(new CheapestRun(from, month - 1, cheapest));
                from = month;
                cheapest = now;
            }
        }
        runs.add(new CheapestRun(from, horizon, cheapest));
        return runs;
    }

    /** The place of the option that costs least if it is kept for so many months. */
    static int cheapestAfter(List<KeptCost> costs, int month) {
        int cheapest = 0;
        for (int option = 1; option < costs.size(); option++) {
            if (costs.get(option).centsAfter(month) < costs.get(cheapest).centsAfter(month)) {
                cheapest = option;
            }
        }
        return cheapest;
    }
}
