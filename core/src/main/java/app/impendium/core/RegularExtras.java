package app.impendium.core;

import app.impendium.core.cost.HousingCost;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.money.Money;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What goes out in a month with the extra payments that go with each payment, from the first of them on.
 *
 * @param fromPayment the payment that they first go with, counted from 1
 * @param eachTime what goes with a payment
 * @param month the month's cost with a twelfth of a year's extras
 */
public record RegularExtras(int fromPayment, Money eachTime, Money month) {
    private static final int MONTHS_PER_YEAR = 12;

    /** Those of an option; none where it has none. */
    static Optional<RegularExtras> of(OptionEvaluation figures) {
        List<ExtraPayment> regular = figures.loan().terms().features().extras().stream()
                .filter(ExtraPayment.Regular.class::isInstance)
                .toList();
        return regular.stream()
                .map(ExtraPayment::first)
                .min(Comparator.naturalOrder())
                .filter(first -> first <= figures.loan().schedule().payments())
                .map(first -> {
                    Money eachTime = regular.stream()
                            .filter(extra -> extra.goesWith(first))
                            .map(ExtraPayment::amount)
                            .reduce(Money.ZERO, Money::plus);
                    int perYear = figures.option().frequency().perYear();
                    Money monthly = eachTime.times(perYear).dividedBy(MONTHS_PER_YEAR);
                    return new RegularExtras(
                            first, eachTime, cost(figures, first).total().plus(monthly));
                });
    }

    private static HousingCost cost(OptionEvaluation figures, int payment) {
        var monthly = figures.monthlyCost();
        return monthly.periods().get(monthly.periodOf(payment)).cost();
    }
}
