package app.impendium.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/** Gathers everything wrong with a case, so that a user hears of all of it at once. */
public final class Findings {
    private final List<Finding> all = new ArrayList<>();

    /**
     * What {@code build} makes of one field, or nothing if it refuses.
     *
     * @param path of the field; replaces the one under which a value type reports itself
     */
    public <T> Optional<T> field(String path, Supplier<T> build) {
        return gather(build, finding -> finding.at(path));
    }

    /**
     * What {@code build} makes of several fields together, or nothing if it refuses.
     *
     * @param outer the path in which the findings' own paths lie; empty for none
     */
    public <T> Optional<T> group(String outer, Supplier<T> build) {
        return gather(build, finding -> outer.isEmpty() ? finding : finding.within(outer));
    }

    public void add(Finding finding) {
        all.add(finding);
    }

    /**
     * Adds a finding unless a number lies from {@code least} to {@code most}, both allowed.
     *
     * @return whether it does
     */
    public boolean inRange(String path, long value, long least, long most) {
        boolean isInRange = value >= least && value <= most;
        if (!isInRange) {
            add(Finding.of(
                    path, Code.OUT_OF_RANGE, new Value.Count(value), new Value.Count(least), new Value.Count(most)));
        }
        return isInRange;
    }

    /**
     * Adds a finding unless a list has from one to {@code most} entries.
     *
     * @param list its path, the name of the list
     */
    public void someIn(String list, int entries, int most) {
        if (entries == 0) {
            add(Finding.of(list, Code.NO_ENTRIES, new Value.Count(most)));
        } else {
            inRange(list, entries, 1, most);
        }
    }

    /** Everything found so far. */
    public List<Finding> all() {
        return List.copyOf(all);
    }

    /**
     * Ends the gathering.
     *
     * @throws CaseException if anything was found
     */
    public void throwIfAny() {
        if (!all.isEmpty()) {
            throw new CaseException(all);
        }
    }

    private <T> Optional<T> gather(Supplier<T> build, UnaryOperator<Finding> place) {
        try {
            return Optional.of(build.get());
        } catch (CaseException e) {
            e.findings().stream().map(place).forEach(all::add);
            return Optional.empty();
        }
    }
}
