package app.impendium.core.afford;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field.Limits;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Percent;
import java.util.List;

/**
 * What a lender asks of an application: tests, and how it counts what they test. Immutable.
 *
 * @param tests from one to twenty
 * @param stressed the rate at which housing cost is tested
 * @param rentCounted the share of another home's rent that counts
 * @param longestTermYears from 1 to 50
 */
public record LimitSet(
        List<LimitTest> tests, StressedRate stressed, DebtRule debtRule, Percent rentCounted, int longestTermYears) {
    private static final int MOST_TESTS = 20;
    private static final int MOST_YEARS = 50;
    private static final int MOST_PAYMENTS_LEFT = 60;

    /**
     * @throws CaseException if figures lie outside their ranges, with all findings
     */
    public LimitSet {
        tests = List.copyOf(tests);
        Findings findings = new Findings();
        findings.someIn(Limits.TESTS, tests.size(), MOST_TESTS);
        findings.inRange(Limits.LONGEST_TERM, longestTermYears, 1, MOST_YEARS);
        findings.inRange(Limits.LEFT_OUT_AT_MOST, debtRule.leftOutAtMost(), 0, MOST_PAYMENTS_LEFT);
        findings.throwIfAny();
    }
}
