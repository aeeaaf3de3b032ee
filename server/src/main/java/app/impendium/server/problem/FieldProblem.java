package app.impendium.server.problem;

import app.impendium.core.finding.Finding;

/**
 * What is wrong with one field of a request.
 *
 * @param pointer where, as a JSON Pointer into the request's body (RFC 6901)
 * @param given what was given, as the user would read it
 * @param allowed what is allowed there
 * @param message the whole of it as one sentence for the user
 */
public record FieldProblem(String pointer, String given, String allowed, String message) {

    static FieldProblem of(Finding finding) {
        return new FieldProblem(pointer(finding.field()), finding.given(), finding.allowed(), finding.message());
    }

    /** {@code options[0].termMonths} as {@code /options/0/termMonths}. */
    private static String pointer(String path) {
        return "/" + path.replace("[", "/").replace("]", "").replace('.', '/');
    }
}
