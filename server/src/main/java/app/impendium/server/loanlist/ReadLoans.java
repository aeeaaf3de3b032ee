package app.impendium.server.loanlist;

import app.impendium.core.finding.Finding;
import app.impendium.server.csv.ColumnsView;
import app.impendium.server.document.CaseDocument;
import java.util.List;

/**
 * What a list of loans says.
 *
 * @param faulty the lines that cannot be taken, as they were written, under the list's own headings and what is wrong
 * @param loans as cases; those lines that have no meaning are not among them
 * @param findings what is wrong, each at its line and column: {@code lines[12].rate}
 */
record ReadLoans(ColumnsView columns, List<CaseDocument> loans, List<Finding> findings, List<List<String>> faulty) {}
