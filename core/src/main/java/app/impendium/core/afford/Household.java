package app.impendium.core.afford;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * The people who borrow: what a lender asks about them. Immutable.
 *
 * @param incomes gross, at most 60
 * @param debts at most 60
 * @param properties further homes, at most 20
 * @param score the credit score that counts, from 1 to 999, once it is known
 * @param underwriting who decides; a person where nothing is said
 */
public record Household(
        List<Income> incomes,
        List<Debt> debts,
        List<OtherProperty> properties,
        Funds funds,
        Living living,
        Optional<Integer> score,
        Underwriting underwriting) {
    /** The most incomes, and the most debts. */
    public static final int MOST_LINES = 60;

    private static final int MOST_PROPERTIES = 20;
    /** The highest credit score. */
    public static final int HIGHEST_SCORE = 999;

    /**
     * @throws CaseException if there are too many entries of a list, or the score is none, with all findings
     */
    public Household {
        incomes = List.copyOf(incomes);
        debts = List.copyOf(debts);
        properties = List.copyOf(properties);
        Findings findings = new Findings();
        findings.inRange(Field.INCOMES, incomes.size(), 0, MOST_LINES);
        findings.inRange(Field.DEBTS, debts.size(), 0, MOST_LINES);
        findings.inRange(Field.OTHER_PROPERTIES, properties.size(), 0, MOST_PROPERTIES);
        score.ifPresent(known -> findings.inRange(Field.SCORE, known, 1, HIGHEST_SCORE));
        findings.throwIfAny();
    }

    /** The same where someone else decides. */
    public Household decidedBy(Underwriting other) {
        return new Household(incomes, debts, properties, funds, living, score, other);
    }

    /** What counts of all incomes a month. */
    Money monthlyEarnings() {
        return sum(Income::monthly);
    }

    /** The same in a year, each income by its year. */
    Money yearlyEarnings() {
        return sum(Income::yearly);
    }

    private Money sum(Function<Income, Money> counted) {
        long cents = 0;
        for (Income income : incomes) {
            cents += counted.apply(income).cents();
        }
        return Money.ofCents(cents);
    }
}
