package app.impendium.core.compare;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * When an option is ahead of another: costs less.
 *
 * @param ahead the longest runs of months in which it costs less, in order
 * @param staysFrom the first month from which it costs at most as much for all months to the horizon; there may be none
 *     although it is ahead for a while
 */
public record Lead(List<Months> ahead, OptionalInt staysFrom) {

    /** A run of months, both counted. */
    public record Months(int from, int to) {}

    public Lead {
        ahead = List.copyOf(ahead);
    }

    static Lead of(KeptCost option, KeptCost other, int horizon) {
        return new Lead(ahead(option, other, horizon), staysFrom(option, other, horizon));
    }

    private static List<Months> ahead(KeptCost option, KeptCost other, int horizon) {
        List<Months> runs = new ArrayList<>();
        int from = 0;
        for (int month = 1; month <= horizon + 1; month++) {
            boolean isAhead = month <= horizon && option.centsAfter(month) < other.centsAfter(month);
            if (isAhead && from == 0) {
                from = month;
            } else if (!isAhead && from > 0) {
                runs.add(new Months(from, month - 1));
                from = 0;
            }
        }
        return runs;
    }

    private static OptionalInt staysFrom(KeptCost option, KeptCost other, int horizon) {
        int first = horizon + 1;
        while (first > 1 && option.centsAfter(first - 1) <= other.centsAfter(first - 1)) {
            first--;
        }
        return first > horizon ? OptionalInt.empty() : OptionalInt.of(first);
    }
}
