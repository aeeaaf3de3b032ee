package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.number;
import static app.impendium.core.working.Quantity.percent;

import app.impendium.core.compare.CostComparison;
import app.impendium.core.compare.MoneyMoved;
import app.impendium.core.compare.Worth;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;

/** Explains what an option costs if it is kept for some months, and what is owed then. */
public final class KeptWorking {
    private static final int MONTHS_PER_YEAR = 12;

    private final CostComparison comparison;
    private final int option;
    private final int months;
    private final MoneyMoved moved;
    private final int made;

    /**
     * @param option its place in the comparison, from 0
     * @param months how long it is kept
     */
    public KeptWorking(CostComparison comparison, int option, int months) {
        this.comparison = comparison;
        this.option = option;
        this.months = months;
        this.moved = comparison.moved(option);
        this.made = moved.paymentsBy(months);
    }

    /** The workings of the cost, the balance and the interest, and of the month from which it stays at or under the baseline. */
    public List<Working> workings() {
        List<Working> workings = new ArrayList<>(List.of(cost(), balance(), interest()));
        comparison.leadOverBaseline(option).staysFrom().ifPresent(from -> workings.add(staysFrom(from)));
        return workings;
    }

    /** The working of what goes out in the first month, of which {@code own} is the option's. */
    public Working month(Money own) {
        Working.Draft draft = Working.of(Figure.KEPT_MONTH, Rule.KEPT_MONTH).given(amount(Name.FIRST_MONTH, own));
        Money month = own;
        for (Schedule debt : moved.debtsBeside()) {
            draft.given(amount(Name.DEBT_PAYMENT, debt.due(1)));
            month = month.plus(debt.due(1));
        }
        return draft.gives(amount(Name.KEPT_MONTH, month), Rounding.NONE);
    }

    /** The working of the months after which a saving makes up for costs. */
    public static Working payback(Money costs, Money monthlySaving, long months) {
        return Working.of(Figure.PAYBACK, Rule.PAYBACK)
                .given(amount(Name.ALL_COSTS, costs), amount(Name.MONTHLY_SAVING, monthlySaving))
                .gives(number(Name.PAYBACK, months), Rounding.NONE);
    }

    /** The working of what the loan takes a month more than what is paid today. */
    public static Working changeFromToday(Money month, Money today) {
        return Working.of(Figure.CHANGE_FROM_TODAY, Rule.CHANGE_FROM_TODAY)
                .given(amount(Name.PRINCIPAL_AND_INTEREST, month), amount(Name.PAID_TODAY, today))
                .gives(amount(Name.CHANGE_FROM_TODAY, month.minus(today)), Rounding.NONE);
    }

    private Working staysFrom(int from) {
        return Working.of(Figure.STAYS_FROM, Rule.STAYS_FROM)
                .given(
                        number(Name.HORIZON, comparison.horizonMonths()),
                        amount(Name.KEPT_COST, comparison.cost(option).after(from)),
                        amount(Name.COMPARED_COST, comparison.cost(0).after(from)))
                .gives(number(Name.STAYS_FROM, from), Rounding.NONE);
    }

    private Working cost() {
        Worth worth = comparison.worth();
        Money result = comparison.cost(option).after(months);
        if (worth.isNominal()) {
            return asPaid(Working.of(Figure.KEPT_COST, Rule.KEPT_COST))
                    .gives(amount(Name.KEPT_COST, result), Rounding.NONE);
        }
        return asPaid(Working.of(Figure.KEPT_COST, Rule.KEPT_WORTH))
                .given(
                        percent(Name.DISCOUNT_RATE, worth.discount().percent().value()),
                        percent(Name.TAX_RATE, worth.taxRelief().value()))
                .then(amount(Name.COST_AS_PAID, moved.costAfter(months, homeCosts())))
                .gives(amount(Name.KEPT_COST, result), Rounding.NEAREST_CENT);
    }

    private Working.Draft asPaid(Working.Draft draft) {
        draft.given(number(Name.MONTHS_KEPT, months), amount(Name.CASH_TO_CLOSE, moved.cashToClose()))
                .given(
                        amount(Name.PAID, Money.ofCents(moved.schedule().paidSoFarCents(made))),
                        amount(Name.PREMIUMS, moved.premiumsWith(made)),
                        amount(Name.SUBSIDY_BY_THEN, moved.subsidyOf(made)));
        if (comparison.homeCostsCount()) {
            draft.given(amount(Name.HOME_COSTS_BY_THEN, homeCosts().times(months)));
        }
        if (!moved.debtsBeside().isEmpty()) {
            draft.given(
                    amount(Name.DEBTS_PAID, moved.paidOnDebtsBy(months)),
                    amount(Name.DEBTS_OWED, moved.owedOnDebtsAfter(months)));
        }
        return draft.given(amount(Name.KEPT_BALANCE, moved.owedAfter(months)));
    }

    private Money homeCosts() {
        return comparison.homeCostsCount() ? moved.monthlyHomeCosts() : Money.ZERO;
    }

    private Working balance() {
        Schedule schedule = moved.schedule();
        int perYear = moved.terms().rate().frequency().perYear();
        boolean isOver = made == schedule.payments();
        int passed = isOver ? 0 : months * perYear - made * MONTHS_PER_YEAR;
        BigDecimal part =
                BigDecimal.valueOf(passed).divide(BigDecimal.valueOf(MONTHS_PER_YEAR), MathContext.DECIMAL128);
        BigDecimal rate = moved.terms().rateOf(isOver ? made : made + 1).value();
        return Working.of(Figure.KEPT_BALANCE, Rule.KEPT_BALANCE)
                .given(
                        number(Name.MONTHS_KEPT, months),
                        number(Name.PAYMENTS_MADE, made),
                        amount(Name.BALANCE, schedule.balanceAfter(made)),
                        number(Name.PART_OF_PERIOD, part),
                        percent(Name.RATE_PER_PAYMENT, rate.movePointRight(2)))
                .gives(amount(Name.KEPT_BALANCE, moved.owedAfter(months)), Rounding.NEAREST_CENT);
    }

    private Working interest() {
        Money through = Money.ofCents(moved.schedule().interestSoFarCents(made));
        return Working.of(Figure.KEPT_INTEREST, Rule.INTEREST_OF_RANGE)
                .given(
                        number(Name.MONTHS_KEPT, months),
                        number(Name.TO_PAYMENT, made),
                        amount(Name.INTEREST_THROUGH, through),
                        amount(Name.INTEREST_BEFORE, Money.ZERO))
                .gives(amount(Name.INTEREST_OF_RANGE, through), Rounding.NONE);
    }
}
