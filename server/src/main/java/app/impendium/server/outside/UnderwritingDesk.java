package app.impendium.server.outside;

import app.impendium.core.afford.Assessment;
import app.impendium.core.afford.Household;
import java.util.List;
import java.util.Set;

/** Whoever decides by machine on an application. */
public interface UnderwritingDesk {

    /** The answer to an application; the same for the same application. */
    UnderwritingAnswer decide(Application application);

    /**
     * What is applied for.
     *
     * @param assessment what the lender's limits say where a machine decides
     * @param paidOff the ids of debts that are paid off at closing
     * @param isInsured whether the loan carries mortgage insurance
     */
    record Application(Household household, Assessment assessment, Set<String> paidOff, boolean isInsured) {}

    /**
     * A decision.
     *
     * @param isAccepted whether the loan is given under the conditions; else a person decides
     * @param conditions what must be shown or done first
     */
    record UnderwritingAnswer(boolean isAccepted, List<Condition> conditions) {}

    /** What must be shown or done before the loan is paid out. */
    enum Condition {
        PAY_SLIPS,
        HOURS_OF_TWO_YEARS,
        HISTORY_OF_PARTLY_COUNTED_INCOME,
        STATEMENTS_OF_MONEY_AT_HAND,
        GIFT_LETTER,
        LETTING_AGREEMENT,
        DEBTS_PAID_OFF,
        FEW_PAYMENTS_LEFT_SHOWN,
        MORTGAGE_INSURANCE_IN_PLACE,
        VALUATION
    }
}
