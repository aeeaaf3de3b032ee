package app.impendium.server.casefile;

import app.impendium.core.CaseEvaluation;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.evaluation.CaseDocument;
import app.impendium.server.evaluation.DocumentEvaluator;
import app.impendium.server.problem.RefusedException;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the cases of a practice. Only a case that has an answer is stored. */
@Service
public class CaseStore {
    private static final int MOST_LISTED = 200;

    private final SavedCaseRepository cases;
    private final CaseStateRepository states;
    private final Clock clock;

    CaseStore(SavedCaseRepository cases, CaseStateRepository states, Clock clock) {
        this.cases = cases;
        this.states = states;
        this.clock = clock;
    }

    /** The practice's latest cases with this text in title or clients, two hundred at the most. */
    @Transactional(readOnly = true)
    public List<CaseSummary> search(SignedInAdvisor advisor, String text) {
        String literal = text.strip().replaceAll("([!%_])", "!$1");
        return cases.search(advisor.practiceId(), "%" + literal + "%", Limit.of(MOST_LISTED));
    }

    /**
     * Begins a case.
     *
     * @throws app.impendium.core.finding.CaseException if the case has no answer
     */
    @Transactional
    public CaseView create(SignedInAdvisor advisor, CaseDocument document) {
        return store(new SavedCase(advisor.practiceId()), advisor, document);
    }

    /**
     * One of the practice's cases.
     *
     * @throws RefusedException if the practice has no such case
     */
    @Transactional(readOnly = true)
    public CaseView read(SignedInAdvisor advisor, UUID id) {
        return CaseView.of(find(advisor, id));
    }

    /**
     * Saves a new state of a case.
     *
     * @param seenRevision the revision that the change was made to
     * @throws RefusedException if the practice has no such case, or it was saved by someone else since
     * @throws app.impendium.core.finding.CaseException if the case has no answer
     */
    @Transactional
    public CaseView save(SignedInAdvisor advisor, UUID id, int seenRevision, CaseDocument document) {
        SavedCase saved = find(advisor, id);
        if (document.equals(saved.document())) {
            // Sent again, perhaps because the first answer was lost: it is there already.
            return CaseView.of(saved);
        }
        if (saved.revision() != seenRevision) {
            throw new RefusedException(
                    HttpStatus.CONFLICT,
                    "Saved by someone else in the meantime",
                    saved.savedBy() + " saved this case after you opened it.",
                    Map.of("saved", CaseView.of(saved), "sent", document));
        }
        return store(saved, advisor, document);
    }

    private CaseView store(SavedCase target, SignedInAdvisor advisor, CaseDocument document) {
        CaseEvaluation figures = DocumentEvaluator.evaluate(document);
        target.take(document, figures, advisor.name(), clock.instant().truncatedTo(ChronoUnit.MILLIS));
        // Flushed at once, so that the state kept beside it carries the new revision.
        SavedCase stored = cases.saveAndFlush(target);
        states.save(new CaseState(stored));
        return CaseView.of(stored);
    }

    private SavedCase find(SignedInAdvisor advisor, UUID id) {
        return cases.findByPracticeIdAndId(advisor.practiceId(), id)
                .orElseThrow(() -> new RefusedException(
                        HttpStatus.NOT_FOUND, "No such case", "Your practice has no case with this address."));
    }
}
