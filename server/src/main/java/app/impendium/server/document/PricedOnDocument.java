package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;

/**
 * The rate table that options were priced on, as it was then.
 *
 * @param tableId the practice's id of it
 * @param name what it was called, at most 60 characters
 * @param day the day of its rates
 * @param simulated whether they came from a stand-in
 * @param score the clients' credit score that it was priced for; absent where it was not known
 */
public record PricedOnDocument(
        String tableId,
        String name,
        LocalDate day,
        Boolean simulated,
        @Schema(nullable = true) Integer score) {}
