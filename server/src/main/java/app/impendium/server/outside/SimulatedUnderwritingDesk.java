package app.impendium.server.outside;

import app.impendium.core.afford.Debt;
import app.impendium.core.afford.Earned;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.Income;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;

/** A stand-in for a lender's underwriting: it accepts what meets every limit, refers the rest, and asks for what is usual. */
@Component
class SimulatedUnderwritingDesk implements UnderwritingDesk {
    private static final BigDecimal ALL = BigDecimal.valueOf(100);

    /** A debt with so few payments left is one whose end a lender wants to see. */
    private static final int FEW_PAYMENTS = 10;

    @Override
    public UnderwritingAnswer decide(Application application) {
        return new UnderwritingAnswer(application.assessment().isMet(), conditions(application));
    }

    private static List<Condition> conditions(Application application) {
        Household household = application.household();
        List<Condition> conditions = new ArrayList<>();
        ask(conditions, Condition.PAY_SLIPS, earns(household, income -> income.earned() instanceof Earned.Each));
        ask(
                conditions,
                Condition.HOURS_OF_TWO_YEARS,
                earns(household, income -> income.earned() instanceof Earned.Hourly));
        ask(
                conditions,
                Condition.HISTORY_OF_PARTLY_COUNTED_INCOME,
                earns(household, income -> income.countedPercent().compareTo(ALL) != 0));
        ask(
                conditions,
                Condition.STATEMENTS_OF_MONEY_AT_HAND,
                !household.funds().atHand().isZero());
        ask(conditions, Condition.GIFT_LETTER, !household.funds().gifts().isZero());
        ask(
                conditions,
                Condition.LETTING_AGREEMENT,
                household.properties().stream()
                        .anyMatch(property -> property.rent().isAbove(Money.ZERO)));
        ask(conditions, Condition.DEBTS_PAID_OFF, !application.paidOff().isEmpty());
        ask(
                conditions,
                Condition.FEW_PAYMENTS_LEFT_SHOWN,
                household.debts().stream().anyMatch(debt -> isNearlyPaid(debt, application)));
        ask(conditions, Condition.MORTGAGE_INSURANCE_IN_PLACE, application.isInsured());
        ask(conditions, Condition.VALUATION, true);
        return conditions;
    }

    private static void ask(List<Condition> conditions, Condition condition, boolean applies) {
        if (applies) {
            conditions.add(condition);
        }
    }

    private static boolean earns(Household household, Predicate<Income> such) {
        return household.incomes().stream().anyMatch(income -> !income.monthly().isZero() && such.test(income));
    }

    private static boolean isNearlyPaid(Debt debt, Application application) {
        return !application.paidOff().contains(debt.id())
                && debt.paymentsLeft().filter(left -> left <= FEW_PAYMENTS).isPresent();
    }
}
