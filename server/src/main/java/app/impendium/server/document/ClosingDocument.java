package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;

/**
 * What happens on the day the loan is paid out. What is absent is nothing.
 *
 * @param day the day itself
 * @param items costs and credits
 * @param upfrontPremium a premium or guarantee fee due once
 * @param debtsPaidOff the ids of the case's debts that are paid off in cash
 */
public record ClosingDocument(
        @Schema(nullable = true) LocalDate day,
        List<ClosingItemDocument> items,
        @Schema(nullable = true) UpfrontPremiumDocument upfrontPremium,
        List<String> debtsPaidOff) {

    /** Nothing known, nothing due. */
    public static final ClosingDocument NONE = new ClosingDocument(null, List.of(), null, List.of());

    /** Lists that are not sent are empty. */
    public ClosingDocument {
        items = items == null ? List.of() : items;
        debtsPaidOff = debtsPaidOff == null ? List.of() : debtsPaidOff;
    }
}
