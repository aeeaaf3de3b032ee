package app.impendium.server.loanlist;

import app.impendium.server.client.CaseClients.SharedClient;
import app.impendium.server.csv.ColumnsView;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.CurrencyCode;
import app.impendium.server.document.Market;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.evaluation.OptionView;
import app.impendium.server.problem.FieldProblem;
import java.time.LocalDate;
import java.util.List;

/**
 * What comes in with a list of loans.
 *
 * @param columns how its columns were told apart
 * @param market whose usual terms apply where it says nothing
 * @param count how many loans can be kept
 * @param loans the first of them
 * @param sharedCount how many clients have several of the loans, or are known already
 * @param shared the first of them
 * @param faultCount how much is wrong in it
 * @param faultyLines how many of its lines are left out for that
 * @param faults the first of that, each at its line and column: {@code /lines/12/rate}
 */
record LoanListView(
        ColumnsView columns,
        Market market,
        CurrencyCode currency,
        int count,
        List<LoanView> loans,
        int sharedCount,
        List<SharedClient> shared,
        int faultCount,
        int faultyLines,
        List<FieldProblem> faults) {
    private static final int MOST_LOANS = 20;
    private static final int MOST_SHARED = 100;
    private static final int MOST_FAULTS = 200;

    /** A loan that would be kept. */
    record LoanView(
            String title,
            String clients,
            long loanCents,
            String ratePercent,
            int months,
            long paymentCents,
            LocalDate payoffDate) {
        static LoanView of(CaseDocument document) {
            OptionView figures = new CaseAnswers(document).option(0);
            var terms = document.options().get(0).terms();
            return new LoanView(
                    document.title(),
                    document.clients(),
                    figures.loanCents(),
                    terms.ratePercent().toPlainString(),
                    terms.amortizationMonths(),
                    figures.paymentCents(),
                    figures.payoffDate());
        }
    }

    static LoanListView of(ReadLoans read, CaseDocument usual, List<SharedClient> shared) {
        return new LoanListView(
                read.columns(),
                Market.of(usual),
                usual.currency(),
                read.loans().size(),
                read.loans().stream().limit(MOST_LOANS).map(LoanView::of).toList(),
                shared.size(),
                shared.stream().limit(MOST_SHARED).toList(),
                read.findings().size(),
                read.faulty().size() - 1,
                read.findings().stream()
                        .limit(MOST_FAULTS)
                        .map(FieldProblem::inBody)
                        .toList());
    }
}
