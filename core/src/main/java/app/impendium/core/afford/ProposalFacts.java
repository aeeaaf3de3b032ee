package app.impendium.core.afford;

import java.math.BigDecimal;
import java.util.OptionalInt;

/** What conditions ask about a loan and those who borrow. */
record ProposalFacts(Proposal loan, Household household) implements Condition.Facts {

    @Override
    public OptionalInt compare(Condition.Fact fact, BigDecimal bound) {
        return switch (fact) {
            case RESERVES -> OptionalInt.of(Ratios.compareTimes(loan.moneyLeft(), loan.housing(), bound));
            case SCORE ->
                household
                        .score()
                        .map(known -> OptionalInt.of(BigDecimal.valueOf(known).compareTo(bound)))
                        .orElseGet(OptionalInt::empty);
            case LOAN_TO_VALUE ->
                loan.value()
                        .map(value -> OptionalInt.of(Ratios.comparePercent(loan.base(), value, bound)))
                        .orElseGet(OptionalInt::empty);
        };
    }

    @Override
    public Underwriting underwriting() {
        return household.underwriting();
    }
}
