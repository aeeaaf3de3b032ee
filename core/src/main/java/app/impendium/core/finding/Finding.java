package app.impendium.core.finding;

/**
 * One thing wrong with a case.
 *
 * @param field where, as a path from the case: {@code options[0].ratePercent}
 * @param given what was given, as the user would read it
 * @param allowed what is allowed there, as a phrase: "0 % to 30 %"
 * @param message the whole of it as one sentence for the user
 */
public record Finding(String field, String given, String allowed, String message) {

    /** The same finding seen from one level further out: {@code ratePercent} within {@code options[0]}. */
    public Finding within(String outer) {
        return new Finding(field.isEmpty() ? outer : outer + "." + field, given, allowed, message);
    }

    /** The same finding at another field, where a general type reports what a particular field was given. */
    public Finding at(String otherField) {
        return new Finding(otherField, given, allowed, message);
    }
}
