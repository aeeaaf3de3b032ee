package app.impendium.server.document;

import java.time.LocalDate;

/**
 * The rate table that options were priced on, as it was then.
 *
 * @param tableId the practice's id of it
 * @param name what it was called, at most 60 characters
 * @param day the day of its rates
 */
public record PricedOnDocument(String tableId, String name, LocalDate day) {}
