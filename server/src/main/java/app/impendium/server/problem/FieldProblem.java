package app.impendium.server.problem;

import app.impendium.core.finding.Code;
import app.impendium.core.finding.Finding;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What is wrong with one field of a request.
 *
 * @param pointer where, as a JSON Pointer into the request's body (RFC 6901); absent for a parameter of the address
 * @param parameter the parameter of the address; absent for a field of the body
 * @param code what is wrong; absent where the field could not even be read
 * @param values in the order that the code says
 * @param given what was given, as the user would read it
 * @param allowed what is allowed there
 * @param message the whole of it as one sentence for the user
 */
public record FieldProblem(
        @Schema(nullable = true) String pointer,
        @Schema(nullable = true) String parameter,
        @Schema(nullable = true) Code code,
        List<ValueView> values,
        String given,
        String allowed,
        String message) {

    /** A finding about a member of the body. */
    public static FieldProblem inBody(Finding finding) {
        return of(pointer(finding.path()), null, finding);
    }

    static FieldProblem inAddress(Finding finding) {
        return of(null, finding.path(), finding);
    }

    private static FieldProblem of(String pointer, String parameter, Finding finding) {
        FindingWords words = FindingWords.of(finding);
        return new FieldProblem(
                pointer,
                parameter,
                finding.code(),
                finding.values().stream().map(ValueView::of).toList(),
                words.given(),
                words.allowed(),
                words.message());
    }

    /** A field of the body that could not be read as what it should be. */
    static FieldProblem unread(String pointer, String given, String allowed, String message) {
        return new FieldProblem(pointer, null, null, List.of(), given, allowed, message);
    }

    static FieldProblem inAddress(String parameter, String given, String allowed, String message) {
        return new FieldProblem(null, parameter, null, List.of(), given, allowed, message);
    }

    /** {@code options[0].terms.ratePercent} as {@code /options/0/terms/ratePercent}. */
    public static String pointer(String path) {
        return "/" + path.replace("[", "/").replace("]", "").replace('.', '/');
    }
}
