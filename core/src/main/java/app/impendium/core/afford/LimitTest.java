package app.impendium.core.afford;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Limits;
import app.impendium.core.finding.Value;
import java.math.BigDecimal;
import java.util.List;

/**
 * A limit and when it applies. Immutable.
 *
 * @param limit above zero, in the unit of the measure; by household only for the income left over
 * @param conditions all of which must hold; none where it always applies
 */
public record LimitTest(Measure measure, Limit limit, List<Condition> conditions) {
    /**
     * @throws CaseException if the limit is outside its range or has too many decimals
     */
    public LimitTest {
        conditions = List.copyOf(conditions);
        boolean isTable = limit instanceof Limit.ByHousehold;
        if (isTable && measure != Measure.RESIDUAL_INCOME) {
            throw new IllegalArgumentException("only the income left over is set by household");
        }
        if (limit instanceof Limit.Fixed fixed) {
            check(fixed.value(), measure.unit());
        }
    }

    /** Whether it applies to an application. */
    public boolean appliesTo(Condition.Facts facts) {
        for (Condition condition : conditions) {
            if (!condition.holds(facts)) {
                return false;
            }
        }
        return true;
    }

    private static void check(BigDecimal limit, Measure.Unit unit) {
        if (limit.signum() <= 0 || limit.compareTo(BigDecimal.valueOf(unit.most())) > 0) {
            throw CaseException.of(
                    Limits.LIMIT,
                    Code.OUT_OF_RANGE,
                    new Value.Text(limit.toPlainString()),
                    new Value.Count(0),
                    new Value.Count(unit.most()));
        }
        if (limit.stripTrailingZeros().scale() > unit.decimals()) {
            throw CaseException.of(
                    Limits.LIMIT,
                    Code.TOO_MANY_DECIMALS,
                    new Value.Text(limit.toPlainString()),
                    new Value.Count(unit.decimals()));
        }
    }
}
