package app.impendium.server.casefile;

import app.impendium.server.document.CurrencyCode;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/**
 * A case as a line of a list.
 *
 * @param monthlyCostCents what the home costs in the first month, in whole cents
 */
public record CaseSummary(
        UUID id,
        String title,
        String clients,
        CurrencyCode currency,
        long monthlyCostCents,
        LocalDate payoffDate,
        Instant savedAt,
        String savedBy) {}
