package app.impendium.server.problem;

import java.util.List;

/**
 * A problem document as clients read it (RFC 9457). Every member may be absent.
 *
 * @param title the kind of refusal, in a few words
 * @param detail the reason, as a sentence for the user
 * @param status the HTTP status
 * @param fields what is wrong with which field of the request
 */
public record ProblemView(String title, String detail, Integer status, List<FieldProblem> fields) {}
