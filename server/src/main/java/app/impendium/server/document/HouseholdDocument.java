package app.impendium.server.document;

import app.impendium.server.document.Convention.PayPeriod;
import app.impendium.server.document.Convention.Underwriting;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;

/**
 * The people who borrow, and what a lender asks about them.
 *
 * @param people who they are
 * @param incomes what they earn before tax
 * @param properties further homes that they own
 * @param atHandCents money that closing can be paid from; absent for none
 * @param giftsCents what they are given for it; absent for nothing
 * @param mustStayCents what they want to keep back; absent for nothing
 * @param size how many live in the household; absent for one
 * @param region where they live, by the name that a limit set's table has for it; absent where it is not said
 * @param incomeTaxCents income tax and contributions a month; absent where it is not said
 * @param upkeepCents what running the home takes a month; absent where it is not said
 * @param housingTodayCents what living costs today a month, rent or loan with tax and insurance; absent where it is not said
 * @param score the credit score that counts; absent where it is not known
 * @param underwriting who decides on the application; absent for a person
 * @param limitSet the id of the limit set that the case is looked at with; absent for the first of its market
 */
public record HouseholdDocument(
        List<PersonDocument> people,
        List<IncomeDocument> incomes,
        List<PropertyDocument> properties,
        @Schema(nullable = true) Long atHandCents,
        @Schema(nullable = true) Long giftsCents,
        @Schema(nullable = true) Long mustStayCents,
        @Schema(nullable = true) Integer size,
        @Schema(nullable = true) String region,
        @Schema(nullable = true) Long incomeTaxCents,
        @Schema(nullable = true) Long upkeepCents,
        @Schema(nullable = true) Long housingTodayCents,
        @Schema(nullable = true) Integer score,
        @Schema(nullable = true) Underwriting underwriting,
        @Schema(nullable = true) String limitSet) {

    /** Nobody, of whom nothing is known. */
    public static final HouseholdDocument NONE = new HouseholdDocument(
            List.of(), List.of(), List.of(), null, null, null, null, null, null, null, null, null, null, null);

    /** Lists that are not sent are empty. */
    public HouseholdDocument {
        people = people == null ? List.of() : people;
        incomes = incomes == null ? List.of() : incomes;
        properties = properties == null ? List.of() : properties;
    }

    /** The same with a credit score. */
    HouseholdDocument withScore(int known) {
        return new HouseholdDocument(
                people,
                incomes,
                properties,
                atHandCents,
                giftsCents,
                mustStayCents,
                size,
                region,
                incomeTaxCents,
                upkeepCents,
                housingTodayCents,
                known,
                underwriting,
                limitSet);
    }

    /**
     * Someone who borrows.
     *
     * @param name what they are called, from 1 to 60 characters
     */
    public record PersonDocument(String id, String name) implements Entry {}

    /**
     * A gross income.
     *
     * @param person the id of whose it is; absent where that is not said
     * @param name what it is, at most 60 characters
     * @param cents what is earned each time, or for an hour
     * @param per how often; absent where it is earned by the hour
     * @param hoursPerWeek how many hours a week; absent where it is not earned by the hour
     * @param countedPercent the share that a lender counts, from 0 to 125; absent for all of it
     */
    public record IncomeDocument(
            String id,
            @Schema(nullable = true) String person,
            String name,
            Long cents,
            @Schema(nullable = true) PayPeriod per,
            @Schema(nullable = true) BigDecimal hoursPerWeek,
            @Schema(nullable = true) BigDecimal countedPercent)
            implements Entry {}

    /**
     * A further home.
     *
     * @param name what it is called, at most 60 characters
     * @param rentCents what it is let for a month
     * @param outgoingsCents its loan, tax, insurance and dues a month
     */
    public record PropertyDocument(String id, String name, Long rentCents, Long outgoingsCents) implements Entry {}
}
