package app.impendium.core;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Value;
import java.util.List;

/**
 * What the computation needs to know of a client's case. Immutable.
 *
 * @param options the ways of doing it, from one to six; the first is the baseline
 */
public record CaseFile(List<LoanOption> options, Assumptions assumptions) {
    private static final int MOST_OPTIONS = 6;

    /**
     * @throws CaseException if there is no option, or more than six
     */
    public CaseFile {
        options = List.copyOf(options);
        checkedCount(options.size());
    }

    /**
     * A number of options, if a case can hold as many.
     *
     * @throws CaseException if it is below one or above six
     */
    public static int checkedCount(int options) {
        if (options < 1 || options > MOST_OPTIONS) {
            throw CaseException.of(
                    Field.OPTIONS,
                    Code.OUT_OF_RANGE,
                    new Value.Count(options),
                    new Value.Count(1),
                    new Value.Count(MOST_OPTIONS));
        }
        return options;
    }
}
