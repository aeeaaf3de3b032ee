package app.impendium.server.document;

import app.impendium.server.document.Convention.Fact;
import app.impendium.server.document.Convention.Measure;
import app.impendium.server.document.Convention.Underwriting;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;

/**
 * What a lender or a programme asks of an application, as a practice keeps it.
 *
 * @param name what it is called, from 1 to 60 characters
 * @param market whose cases it is for
 * @param frontName what the market calls housing cost to income, from 1 to 40 characters
 * @param backName what the market calls housing cost and debts to income, from 1 to 40 characters
 * @param source where its figures come from, from 1 to 200 characters
 * @param day when they were taken from there
 * @param stressed the rate at which housing cost is tested; absent for the loan's own
 * @param leftOutAtMostPayments a debt with at most so many payments left counts nothing; 0 for none
 * @param balanceSharePercent what counts a month of a balance for which no payment is reported
 * @param rentCountedPercent the share of another home's rent that counts
 * @param longestTermYears from 1 to 50
 * @param tests from one to twenty
 */
public record LimitSetDocument(
        String name,
        Market market,
        String frontName,
        String backName,
        String source,
        LocalDate day,
        @Schema(nullable = true) StressedRateDocument stressed,
        Integer leftOutAtMostPayments,
        BigDecimal balanceSharePercent,
        BigDecimal rentCountedPercent,
        Integer longestTermYears,
        List<LimitTestDocument> tests) {

    /** A list that is not sent is empty. */
    public LimitSetDocument {
        tests = tests == null ? List.of() : tests;
    }

    /**
     * A rate for testing: so much above the loan's own, and at least the floor.
     *
     * @param addedPercent in percentage points
     */
    public record StressedRateDocument(BigDecimal addedPercent, BigDecimal floorPercent) {}

    /**
     * A limit and when it applies.
     *
     * @param limit in the unit of the measure: percent, yearly incomes, units of the currency, months or points; absent where it
     *     is set by household
     * @param byHousehold amounts by region and household size; absent where it is the same for everyone
     * @param conditions all of which must hold
     */
    public record LimitTestDocument(
            String id,
            Measure measure,
            @Schema(nullable = true) BigDecimal limit,
            @Schema(nullable = true) ByHouseholdDocument byHousehold,
            List<ConditionDocument> conditions)
            implements Entry {

        /** A list that is not sent is empty. */
        public LimitTestDocument {
            conditions = conditions == null ? List.of() : conditions;
        }
    }

    /**
     * Amounts by region and household size.
     *
     * @param mostPeople more people add nothing
     */
    public record ByHouseholdDocument(Integer mostPeople, List<RegionDocument> regions) {
        /** A list that is not sent is empty. */
        public ByHouseholdDocument {
            regions = regions == null ? List.of() : regions;
        }
    }

    /**
     * The amounts of one region.
     *
     * @param region its name, from 1 to 40 characters
     * @param bySizeCents for each household size from one person on
     * @param perFurtherCents what each person beyond adds
     */
    public record RegionDocument(String id, String region, List<Long> bySizeCents, Long perFurtherCents)
            implements Entry {
        /** A list that is not sent is empty. */
        public RegionDocument {
            bySizeCents = bySizeCents == null ? List.of() : bySizeCents;
        }
    }

    /** How a fact must lie to a condition's value. */
    public enum Bound {
        FROM,
        UP_TO,
        BELOW,
        ABOVE
    }

    /**
     * When a test applies: a fact lies so to a value, or the application is decided on in this way.
     *
     * @param fact absent for a condition on who decides
     * @param bound absent for a condition on who decides
     * @param value months, points or percent, as the fact has it; absent for a condition on who decides
     * @param underwriting absent for a condition on a fact
     */
    public record ConditionDocument(
            String id,
            @Schema(nullable = true) Fact fact,
            @Schema(nullable = true) Bound bound,
            @Schema(nullable = true) BigDecimal value,
            @Schema(nullable = true) Underwriting underwriting)
            implements Entry {}
}
