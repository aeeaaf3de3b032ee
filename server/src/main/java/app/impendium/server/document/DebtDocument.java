package app.impendium.server.document;

import java.math.BigDecimal;

/**
 * A debt beside the home, paid every month.
 *
 * @param name what it is called, at most 60 characters
 * @param balanceCents what is owed
 * @param paymentCents what is paid a month
 * @param ratePercent its annual rate
 */
public record DebtDocument(String id, String name, Long balanceCents, Long paymentCents, BigDecimal ratePercent)
        implements Entry {}
