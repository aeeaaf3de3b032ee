package app.impendium.core.cost;

import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What the home costs a month while its loan is repaid.
 *
 * @param periods from each change to the next; the first from payment 1
 * @param firstToLender the part of the first month's cost that goes to the lender
 * @param insurance mortgage insurance, where it is due
 */
public record MonthlyCost(List<HousingPeriod> periods, Money firstToLender, Optional<MortgageInsurance> insurance) {

    public MonthlyCost {
        periods = List.copyOf(periods);
    }

    /**
     * The monthly cost of a home whose loan has this schedule.
     *
     * @param insured the schedule without extra payments, on which mortgage insurance ends
     */
    public static MonthlyCost of(
            HousingTerms housing,
            Financing financing,
            Schedule schedule,
            Schedule insured,
            PaymentFrequency frequency,
            Optional<Buydown> buydown) {
        Money price = financing.price().orElse(Money.ZERO);
        Optional<MortgageInsurance> insurance = isInsured(housing, financing)
                ? financing
                        .value()
                        .map(value ->
                                MortgageInsurance.of(insured, frequency, value, housing.yearlyMortgageInsurance()))
                : Optional.empty();
        List<HousingPeriod> periods = HousingPeriod.of(housing, price, schedule, frequency, insurance, buydown);
        return new MonthlyCost(periods, housing.toLender(periods.get(0).cost()), insurance);
    }

    /** Whether a premium is given, and the loan is so large a part of the value that it is due. */
    public static boolean isInsured(HousingTerms housing, Financing financing) {
        return housing.yearlyMortgageInsurance().isPositive()
                && financing
                        .value()
                        .filter(value -> MortgageInsurance.isDue(financing.loanAmount(), value))
                        .isPresent();
    }

    /** The first month. */
    public HousingCost first() {
        return periods.get(0).cost();
    }

    /** The most that a month costs. */
    public Money most() {
        return periods.stream()
                .map(period -> period.cost().total())
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    /** The period in which a payment falls, counted from 1, by its place among the periods. */
    public int periodOf(int payment) {
        int last = 0;
        while (last + 1 < periods.size() && periods.get(last + 1).fromPayment() <= payment) {
            last++;
        }
        return last;
    }
}
