package app.impendium.core;

import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.time.LocalDate;
import java.util.Optional;

/**
 * What extra payments save, against the same loan without them.
 *
 * @param payoffDate when the loan would be paid off without them
 * @param interest the total interest without them
 * @param saved by how much that is more than with them; negative where extras cost more than they save, by some cents of
 *     rounding
 */
public record ExtrasSaving(LocalDate payoffDate, Money interest, Money saved) {

    /** The saving of a loan's extras; none where it has no extras, or no schedule without them. */
    static Optional<ExtrasSaving> of(LoanFigures loan) {
        if (loan.terms().features().extras().isEmpty()) {
            return Optional.empty();
        }
        try {
            Schedule without = Schedule.of(loan.terms().withoutExtras());
            Money interest = without.whole().interest();
            return Optional.of(new ExtrasSaving(
                    loan.dates().of(without.payments()),
                    interest,
                    interest.minus(loan.schedule().whole().interest())));
        } catch (CaseException noSchedule) {
            return Optional.empty();
        }
    }
}
