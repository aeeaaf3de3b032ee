package app.impendium.server.problem;

import app.impendium.core.finding.Finding;
import io.swagger.v3.oas.annotations.media.Schema;

/**
 * What is wrong with one field of a request.
 *
 * @param pointer where, as a JSON Pointer into the request's body (RFC 6901); absent for a parameter of the address
 * @param parameter the parameter of the address; absent for a field of the body
 * @param given what was given, as the user would read it
 * @param allowed what is allowed there
 * @param message the whole of it as one sentence for the user
 */
public record FieldProblem(
        @Schema(nullable = true) String pointer,
        @Schema(nullable = true) String parameter,
        String given,
        String allowed,
        String message) {

    static FieldProblem inBody(Finding finding) {
        return new FieldProblem(pointer(finding.field()), null, finding.given(), finding.allowed(), finding.message());
    }

    static FieldProblem inAddress(Finding finding) {
        return inAddress(finding.field(), finding.given(), finding.allowed(), finding.message());
    }

    static FieldProblem inAddress(String parameter, String given, String allowed, String message) {
        return new FieldProblem(null, parameter, given, allowed, message);
    }

    /** {@code options[0].termMonths} as {@code /options/0/termMonths}. */
    public static String pointer(String path) {
        return "/" + path.replace("[", "/").replace("]", "").replace('.', '/');
    }
}
