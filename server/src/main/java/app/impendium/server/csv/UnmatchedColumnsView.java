package app.impendium.server.csv;

import app.impendium.server.problem.FieldProblem;
import java.util.List;

/**
 * The refusal of a table whose columns could not be told apart.
 *
 * @param columns those that it has, and those that are wanted
 */
public record UnmatchedColumnsView(
        String title, String detail, Integer status, List<FieldProblem> fields, ColumnsView columns) {}
