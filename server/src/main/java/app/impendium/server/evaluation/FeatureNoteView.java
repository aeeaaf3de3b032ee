package app.impendium.server.evaluation;

import app.impendium.core.FeatureNote;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.money.Money;
import app.impendium.server.problem.FieldProblem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;

/**
 * A feature of an option that has no effect, or another one than it says, and what happens instead.
 *
 * @param pointer the feature, as a JSON Pointer into the option
 * @param payment the payment with which it happens, counted from 1
 * @param day when that falls due
 * @param cents what it comes to; absent where the kind tells all
 */
public record FeatureNoteView(
        String pointer,
        FeatureNote.Kind kind,
        int payment,
        LocalDate day,
        @Schema(nullable = true) Long cents) {

    static FeatureNoteView of(FeatureNote note, PaymentDates dates) {
        return new FeatureNoteView(
                FieldProblem.pointer(note.field()),
                note.kind(),
                note.payment(),
                dates.of(note.payment()),
                note.amount().map(Money::cents).orElse(null));
    }
}
