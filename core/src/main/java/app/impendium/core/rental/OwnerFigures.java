package app.impendium.core.rental;

import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.compare.MoneyMoved;
import app.impendium.core.cost.HousingCost;
import app.impendium.core.money.Money;
import app.impendium.core.rate.YearlyChange;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What letting a home leaves its owner, beside any lender's test. Shares of the rent are rounded to the cent each; what the
 * loan takes is what is paid, extras, mortgage insurance and a buydown's reduced payments included.
 *
 * @param month the first month, by parts
 * @param grossYieldPercent a year's rent in percent of the price; none where no price is known
 * @param netYieldPercent a year's rent less all costs but the loan's, in percent of the price
 * @param firstYearReturnPercent what the first year leaves in percent of the cash to close; none where no cash is put in
 * @param years the cash flow of each year of the loan's life
 */
public record OwnerFigures(
        Month month,
        Optional<BigDecimal> grossYieldPercent,
        Optional<BigDecimal> netYieldPercent,
        Optional<BigDecimal> firstYearReturnPercent,
        List<Year> years) {
    private static final int MONTHS_PER_YEAR = 12;
    private static final MathContext DIGITS = MathContext.DECIMAL128;

    public OwnerFigures {
        years = List.copyOf(years);
    }

    /**
     * A month.
     *
     * @param costs tax, home insurance, dues and other costs
     * @param loan what is paid on the loan
     */
    public record Month(Money rent, Money vacancy, Money upkeep, Money management, Money costs, Money loan) {

        /** What is left before the loan is paid. */
        public Money operating() {
            return rent.minus(vacancy).minus(upkeep).minus(management).minus(costs);
        }

        /** What is left; negative where the owner adds to it. */
        public Money cashFlow() {
            return operating().minus(loan);
        }
    }

    /**
     * A year, counted from 1 on the day the loan is paid out.
     *
     * @param operating what is left before the loan is paid
     * @param loan what is paid on the loan
     */
    public record Year(int number, Money rent, Money operating, Money loan) {

        /** What is left; negative where the owner adds to it. */
        public Money cashFlow() {
            return operating.minus(loan);
        }
    }

    /**
     * The figures of an option whose home is let at a monthly rent.
     *
     * @throws app.impendium.core.finding.CaseException if the rent of a month is above the price
     */
    public static OwnerFigures of(OptionEvaluation figures, Money rent, OwnerTerms terms) {
        LetLoan.checkedRent(rent, figures.option());
        HousingCost first = figures.monthlyCost().first();
        Money costs = costs(first);
        Money loan = first.principalAndInterest().plus(first.mortgageInsurance());
        Month month = month(rent, costs, loan, terms);
        List<Year> years = years(figures.moneyMoved(List.of()), rent, costs, terms);
        LoanOption option = figures.option();
        return new OwnerFigures(
                month,
                percent(rent.times(MONTHS_PER_YEAR), option.price()),
                percent(month.operating().times(MONTHS_PER_YEAR), option.price()),
                percent(years.get(0).cashFlow(), figures.cashToClose().total()),
                years);
    }

    private static Month month(Money rent, Money costs, Money loan, OwnerTerms terms) {
        return new Month(
                rent,
                terms.vacancy().of(rent),
                terms.upkeep().of(rent),
                terms.management().of(rent),
                costs,
                loan);
    }

    private static List<Year> years(MoneyMoved moved, Money rent, Money costs, OwnerTerms terms) {
        List<Year> years = new ArrayList<>();
        int months = moved.lifeInMonths();
        for (int year = 1; (year - 1) * MONTHS_PER_YEAR < months; year++) {
            int since = (year - 1) * MONTHS_PER_YEAR;
            Money paid = moved.paidBy(since + MONTHS_PER_YEAR).minus(moved.paidBy(since));
            Money rentThen = changed(rent, terms.rentChange(), year - 1);
            Month month = month(rentThen, changed(costs, terms.costChange(), year - 1), Money.ZERO, terms);
            years.add(new Year(
                    year, rentThen.times(MONTHS_PER_YEAR), month.operating().times(MONTHS_PER_YEAR), paid));
        }
        return years;
    }

    /** A monthly amount after so many yearly changes, rounded once. */
    private static Money changed(Money monthly, YearlyChange change, int years) {
        BigDecimal factor =
                BigDecimal.ONE.add(change.percent().movePointLeft(2)).pow(years, DIGITS);
        return Money.nearest(factor.multiply(BigDecimal.valueOf(monthly.cents())));
    }

    private static Money costs(HousingCost month) {
        return month.propertyTax()
                .plus(month.homeInsurance())
                .plus(month.dues())
                .plus(month.other());
    }

    private static Optional<BigDecimal> percent(Money part, Money whole) {
        return whole.isAbove(Money.ZERO)
                ? Optional.of(BigDecimal.valueOf(part.cents())
                        .movePointRight(2)
                        .divide(BigDecimal.valueOf(whole.cents()), DIGITS))
                : Optional.empty();
    }
}
