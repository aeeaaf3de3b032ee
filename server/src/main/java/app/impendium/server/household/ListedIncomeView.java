package app.impendium.server.household;

import app.impendium.server.document.HouseholdDocument.IncomeDocument;
import io.swagger.v3.oas.annotations.media.Schema;

/**
 * An income of a list.
 *
 * @param income of nobody in particular yet: a list knows no ids
 * @param person the name of whose it is, at most 60 characters; absent where the list does not say
 */
record ListedIncomeView(
        IncomeDocument income, @Schema(nullable = true) String person) {}
