package app.impendium.server.casefile;

import app.impendium.server.problem.FieldProblem;
import java.util.List;

/**
 * A problem document as clients read it (RFC 9457). Every member may be absent.
 *
 * @param title the kind of refusal, in a few words
 * @param detail the reason, as a sentence for the user
 * @param status the HTTP status
 * @param fields what is wrong with which field of the body
 * @param saved the state that stands in the way of a save
 */
public record ProblemView(String title, String detail, Integer status, List<FieldProblem> fields, CaseView saved) {}
