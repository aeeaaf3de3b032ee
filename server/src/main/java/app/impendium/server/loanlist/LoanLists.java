package app.impendium.server.loanlist;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.casefile.CaseStore;
import app.impendium.server.casefile.StartingCases;
import app.impendium.server.client.CaseClients;
import app.impendium.server.client.CaseClients.SharedClient;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.loanlist.LoanListStep.Doing;
import app.impendium.server.practice.PracticeSettings;
import app.impendium.server.problem.SharedTurns;
import app.impendium.server.problem.Turns;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;

/** Brings lists of loans in to a practice. */
@Service
class LoanLists {
    /** A list of fifty thousand lines takes some hundred megabytes while it is read. */
    private static final int AT_ONCE = 1;

    private static final int MOST_WAITING = 8;
    private static final int MOST_OF_ADVISOR = 3;
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(1);

    private final StartingCases starting;
    private final PracticeSettings practices;
    private final CaseStore cases;
    private final CaseClients clients;
    private final Clock clock;
    private final SharedTurns<UUID> turns = new SharedTurns<>(
            new Turns(
                    AT_ONCE,
                    MOST_WAITING,
                    LONGEST_WAIT,
                    "Another list is being read. Nothing was kept. Try again in a moment."),
            MOST_OF_ADVISOR);

    LoanLists(StartingCases starting, PracticeSettings practices, CaseStore cases, CaseClients clients, Clock clock) {
        this.starting = starting;
        this.practices = practices;
        this.cases = cases;
        this.clients = clients;
        this.clock = clock;
    }

    /**
     * Says what a list would bring in, without keeping anything of it.
     *
     * @param columns the headings of columns that their names do not tell
     * @throws app.impendium.server.problem.RefusedException if a column is missing
     * @throws app.impendium.core.finding.CaseException if there are no lines, or too many
     */
    void read(SignedInAdvisor advisor, String text, Map<String, String> columns, Consumer<LoanListStep> told) {
        turns.run(advisor.id(), () -> {
            CaseDocument usual = usual(advisor);
            ReadLoans read = readLoans(text, columns, usual, told);
            tell(told, read, usual, shared(advisor, read));
        });
    }

    /**
     * Keeps each loan of a list as a case, but for the lines that cannot be read; none of them when {@code told} throws.
     *
     * @param columns the headings of columns that their names do not tell
     * @throws app.impendium.server.problem.RefusedException if a column is missing
     * @throws app.impendium.core.finding.CaseException if there are no lines, or too many
     */
    void keep(SignedInAdvisor advisor, String text, Map<String, String> columns, Consumer<LoanListStep> told) {
        turns.run(advisor.id(), () -> {
            CaseDocument usual = usual(advisor);
            ReadLoans read = readLoans(text, columns, usual, told);
            int all = read.loans().size();
            // Asked before any is kept: who comes in with this list was not known.
            List<SharedClient> shared = shared(advisor, read);
            cases.createAll(
                    advisor, read.loans(), kept -> told.accept(new LoanListStep(Doing.KEEPING, kept, all, null)));
            tell(told, read, usual, shared);
        });
    }

    /**
     * The lines of a list that cannot be read, each with what is wrong, under the list's own headings: to be mended and read again.
     *
     * @param columns the headings of columns that their names do not tell
     * @throws app.impendium.server.problem.RefusedException if a column is missing
     * @throws app.impendium.core.finding.CaseException if there are no lines, or too many
     */
    List<List<String>> faulty(SignedInAdvisor advisor, String text, Map<String, String> columns) {
        return turns.take(
                advisor.id(),
                () -> readLoans(text, columns, usual(advisor), step -> {}).faulty());
    }

    private CaseDocument usual(SignedInAdvisor advisor) {
        LocalDate today = LocalDate.now(clock.withZone(practices.timeZone(advisor)));
        return starting.of(practices.market(advisor), today);
    }

    private static ReadLoans readLoans(
            String text, Map<String, String> columns, CaseDocument usual, Consumer<LoanListStep> told) {
        return LoanCsv.read(
                text, columns, usual, (done, of) -> told.accept(new LoanListStep(Doing.READING, done, of, null)));
    }

    private List<SharedClient> shared(SignedInAdvisor advisor, ReadLoans read) {
        return clients.shared(
                advisor.practiceId(),
                read.loans().stream().map(CaseDocument::clients).toList());
    }

    private static void tell(
            Consumer<LoanListStep> told, ReadLoans read, CaseDocument usual, List<SharedClient> shared) {
        int all = read.loans().size();
        told.accept(new LoanListStep(Doing.DONE, all, all, LoanListView.of(read, usual, shared)));
    }
}
