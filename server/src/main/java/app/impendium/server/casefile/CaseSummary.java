package app.impendium.server.casefile;

import app.impendium.server.document.CurrencyCode;
import app.impendium.server.evaluation.LimitsMet;
import app.impendium.server.evaluation.LoanDay;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/**
 * A case as a line of a list.
 *
 * @param monthlyCostCents what the home costs in the first month, in whole cents
 * @param isPaymentOnly whether that is the loan's payment alone, because no tax, insurance or dues are given
 * @param advisor whom it is assigned to; absent where nobody is
 * @param next what comes next, from today on; absent where nothing does
 * @param limits how it stands against the limit sets of its market; absent where that is not known
 * @param goesAt when it goes for good; absent where it is not deleted
 */
public record CaseSummary(
        UUID id,
        String title,
        String clients,
        CurrencyCode currency,
        long monthlyCostCents,
        boolean isPaymentOnly,
        LocalDate payoffDate,
        Instant savedAt,
        String savedBy,
        @Schema(nullable = true) CaseAdvisor advisor,
        @Schema(nullable = true) LoanDay next,
        @Schema(nullable = true) LimitsMet limits,
        @Schema(nullable = true) Instant goesAt) {

    /** The advisor of a case, by id too: two of a practice may share a name. */
    public record CaseAdvisor(UUID id, String name) {}
}
