package app.impendium.core.compare;

import app.impendium.core.cost.Buydown;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.util.List;
import java.util.Optional;

/**
 * The money that an option moves for as long as it is kept. Immutable.
 *
 * @param cashToClose what the client brings on the day the loan is paid out; negative where the client receives more
 * @param terms what the loan's payments follow from
 * @param schedule every payment of it
 * @param buydown whose subsidy pays a part of the first years' payments, where one is agreed
 * @param insurance whose premiums go with the payments, where it is due
 * @param monthlyHomeCosts what the home costs a month besides: tax, home insurance, dues, other
 * @param debtsBeside the schedules of debts that are paid every month beside the loan
 */
public record MoneyMoved(
        Money cashToClose,
        LoanTerms terms,
        Schedule schedule,
        Optional<Buydown> buydown,
        Optional<MortgageInsurance> insurance,
        Money monthlyHomeCosts,
        List<Schedule> debtsBeside) {
    private static final int MONTHS_PER_YEAR = 12;

    public MoneyMoved {
        debtsBeside = List.copyOf(debtsBeside);
    }

    /** How many months pass until everything is repaid, rounded up. */
    public int lifeInMonths() {
        int loan = (schedule.payments() * MONTHS_PER_YEAR + paymentsPerYear() - 1) / paymentsPerYear();
        return debtsBeside.stream().mapToInt(Schedule::payments).reduce(loan, Math::max);
    }

    /** The payments of the loan that have been made when so many months have passed. */
    public int paymentsBy(int month) {
        return Math.min(schedule.payments(), month * paymentsPerYear() / MONTHS_PER_YEAR);
    }

    /**
     * What is owed on the loan after so many months: the balance after the payments made by then, with interest for the part
     * of a period that has passed since, half a cent up. Nothing once the loan has ended.
     */
    public Money owedAfter(int month) {
        return Money.ofCents(owedCents(month));
    }

    /** What the clients have paid with the loan's payments in so many months: the loan, extras and premiums, less a subsidy. */
    public Money paidBy(int month) {
        return Money.ofCents(paidCents(paymentsBy(month)));
    }

    /** The premiums that have gone with the payments up to one, 0 included. */
    public Money premiumsWith(int made) {
        return insurance
                .filter(due -> made > 0)
                .map(due -> due.premiums(1, made))
                .orElse(Money.ZERO);
    }

    /** What a buydown's subsidy has paid of the payments up to one, 0 included. */
    public Money subsidyOf(int made) {
        return Money.ofCents(subsidyCents(made));
    }

    /** What has been paid on the debts beside the loan in so many months. */
    public Money paidOnDebtsBy(int month) {
        return Money.ofCents(debtsPaidCents(month));
    }

    /** What is still owed on the debts beside the loan after so many months. */
    public Money owedOnDebtsAfter(int month) {
        return Money.ofCents(debtsOwedCents(month));
    }

    /**
     * All-in cost as it is paid, if the option is kept for so many months.
     *
     * @param homeCosts what the home costs a month besides, zero where it does not count
     */
    public Money costAfter(int month, Money homeCosts) {
        return Money.ofCents(costCents(month, homeCosts.cents()));
    }

    long costCents(int month, long homeCosts) {
        long ofLoan = cashToClose.cents() + paidCents(paymentsBy(month)) + owedCents(month) + month * homeCosts;
        return debtsBeside.isEmpty() ? ofLoan : ofLoan + debtsPaidCents(month) + debtsOwedCents(month);
    }

    long owedCents(int month) {
        int made = paymentsBy(month);
        long balance = schedule.balanceCents(made);
        int passed = month * paymentsPerYear() - made * MONTHS_PER_YEAR;
        if (balance == 0 || passed == 0) {
            return balance;
        }
        return balance + terms.rateOf(made + 1).interestOn(balance, passed, MONTHS_PER_YEAR);
    }

    long debtsOwedCents(int month) {
        long owed = 0;
        for (Schedule debt : debtsBeside) {
            owed += debt.balanceCents(Math.min(month, debt.payments()));
        }
        return owed;
    }

    /** What the client has paid with the loan's payments up to one: the loan, extras and premiums, less a buydown's subsidy. */
    long paidCents(int made) {
        return schedule.paidSoFarCents(made) + premiumCents(made) - subsidyCents(made);
    }

    long debtsPaidCents(int month) {
        long paid = 0;
        for (Schedule debt : debtsBeside) {
            paid += debt.paidSoFarCents(Math.min(month, debt.payments()));
        }
        return paid;
    }

    int paymentsPerYear() {
        return terms.rate().frequency().perYear();
    }

    private long premiumCents(int made) {
        return insurance.isEmpty() || made == 0
                ? 0
                : insurance.get().premium().cents() * insurance.get().insuredPayments(1, made);
    }

    private long subsidyCents(int made) {
        return buydown.isEmpty() ? 0 : buydown.get().subsidySoFarCents(made, paymentsPerYear());
    }
}
