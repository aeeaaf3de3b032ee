package app.impendium.server.evaluation;

import app.impendium.core.ExtrasSaving;
import java.time.LocalDate;

/**
 * What extra payments save, against the same loan without them.
 *
 * @param payoffDate when the loan would be paid off without them
 * @param interestCents the total interest without them, in whole cents
 * @param savedCents by how much that is more than with them
 */
public record ExtrasSavingView(LocalDate payoffDate, long interestCents, long savedCents) {
    static ExtrasSavingView of(ExtrasSaving saving) {
        return new ExtrasSavingView(
                saving.payoffDate(), saving.interest().cents(), saving.saved().cents());
    }
}
