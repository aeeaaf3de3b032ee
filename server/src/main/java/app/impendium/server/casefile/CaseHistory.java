package app.impendium.server.casefile;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.problem.RefusedException;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a case said before: its saved states, by name where somebody named them. */
@Service
class CaseHistory {
    private static final int PART = 25;
    private static final int MOST_NAME_CHARACTERS = 80;

    private final CaseStore cases;
    private final SavedCaseRepository saved;
    private final CaseStateRepository states;
    private final EntityManager entities;
    private final Clock clock;

    CaseHistory(
            CaseStore cases,
            SavedCaseRepository saved,
            CaseStateRepository states,
            EntityManager entities,
            Clock clock) {
        this.cases = cases;
        this.saved = saved;
        this.states = states;
        this.entities = entities;
        this.clock = clock;
    }

    /**
     * Twenty-five states of a case, the latest first.
     *
     * @param from how many of them are left out before
     * @throws RefusedException if the practice has no such case
     */
    @Transactional(readOnly = true)
    HistoryView of(SignedInAdvisor advisor, UUID caseId, int from) {
        cases.read(advisor, caseId);
        // One more than is shown: what the last of them changed is told by the one before it.
        List<StateView> found = entities.createQuery(
                        "select s from CaseState s where s.caseId = :caseId order by s.savedAt desc, s.revision desc, s.id",
                        CaseState.class)
                .setParameter("caseId", caseId)
                .setFirstResult(from)
                .setMaxResults(PART + 1)
                .getResultStream()
                .map(StateView::of)
                .toList();
        CaseDocument before = found.size() > PART ? found.get(PART).document() : null;
        return new HistoryView(states.countByCaseId(caseId), found.subList(0, Math.min(PART, found.size())), before);
    }

    /**
     * Calls a state by name, which keeps it for good.
     *
     * @param name none to take its name away
     * @throws RefusedException if the practice has no such case, or the case no such state, or the name is too long
     */
    @Transactional
    StateView name(SignedInAdvisor advisor, UUID caseId, UUID stateId, Optional<String> name) {
        cases.read(advisor, caseId);
        Optional<String> called = name.map(String::strip).filter(text -> !text.isEmpty());
        called.ifPresent(CaseHistory::check);
        CaseState state = states.findByCaseIdAndId(caseId, stateId)
                .orElseThrow(() -> new RefusedException(
                        HttpStatus.NOT_FOUND, "No such state", "This case has no state with this address any more."));
        state.rename(called.orElse(null));
        return StateView.of(state);
    }

    /**
     * Keeps what gave way to a colleague's state, so that it can be had back.
     *
     * @throws RefusedException if the practice has no such case
     */
    @Transactional
    void keepWhatGaveWay(SignedInAdvisor advisor, UUID caseId, CaseDocument gone) {
        cases.read(advisor, caseId);
        SavedCase current = saved.findById(caseId).orElseThrow();
        states.save(new CaseState(current, gone, advisor, clock.instant().truncatedTo(ChronoUnit.MILLIS)));
    }

    private static void check(String name) {
        if (name.length() > MOST_NAME_CHARACTERS || name.chars().anyMatch(Character::isISOControl)) {
            throw RefusedException.atField(
                    "/name",
                    name.length() + " characters",
                    "one line of at most " + MOST_NAME_CHARACTERS + " characters",
                    "Use one line of at most " + MOST_NAME_CHARACTERS + " characters.");
        }
    }
}
