package app.impendium.server.limits;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.Market;
import app.impendium.server.evaluation.LimitSetReader;
import app.impendium.server.problem.RefusedException;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the limit sets of a practice, every saved state of them included. */
@Service
public class LimitSets {
    private static final int MOST_SETS = 50;

    private final LimitSetRepository sets;
    private final LimitSetStateRepository states;
    private final StartingLimits starting;
    private final Clock clock;

    LimitSets(LimitSetRepository sets, LimitSetStateRepository states, StartingLimits starting, Clock clock) {
        this.sets = sets;
        this.states = states;
        this.starting = starting;
        this.clock = clock;
    }

    /** The practice's sets, by their names. */
    @Transactional(readOnly = true)
    public List<LimitSetView> all(SignedInAdvisor advisor) {
        return sets.findByPracticeIdOrderByNameAscIdAsc(advisor.practiceId()).stream()
                .map(LimitSetRow::view)
                .toList();
    }

    /**
     * Every saved state of a set, the latest first.
     *
     * @throws RefusedException if the practice has no such set
     */
    @Transactional(readOnly = true)
    public List<LimitSetView> history(SignedInAdvisor advisor, UUID id) {
        return states.findBySetIdOrderByRevisionDesc(find(advisor, id).id()).stream()
                .map(LimitSetState::view)
                .toList();
    }

    /** Adds the starting sets of a market, but for those whose name is taken. */
    @Transactional
    public List<LimitSetView> start(SignedInAdvisor advisor, Market market) {
        Set<String> taken =
                all(advisor).stream().map(view -> view.set().name().strip()).collect(Collectors.toSet());
        return starting.of(market).stream()
                .filter(set -> !taken.contains(set.name()))
                .map(set -> create(advisor, set))
                .toList();
    }

    /**
     * Begins a set.
     *
     * @throws app.impendium.core.finding.CaseException if it is no limit set
     * @throws RefusedException if the practice has fifty
     */
    @Transactional
    public LimitSetView create(SignedInAdvisor advisor, LimitSetDocument set) {
        if (sets.countByPracticeId(advisor.practiceId()) >= MOST_SETS) {
            throw new RefusedException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Too many limit sets",
                    "A practice can keep " + MOST_SETS + " limit sets: delete one first.");
        }
        return store(new LimitSetRow(advisor.practiceId()), advisor, set);
    }

    /**
     * Saves a new state of a set.
     *
     * @throws app.impendium.core.finding.CaseException if it is no limit set
     * @throws RefusedException if the practice has no such set, or it was saved from elsewhere since
     */
    @Transactional
    public LimitSetView save(SignedInAdvisor advisor, UUID id, int seenRevision, LimitSetDocument set) {
        LimitSetRow saved = find(advisor, id);
        if (saved.revision() != seenRevision) {
            throw new RefusedException(
                    HttpStatus.CONFLICT,
                    "Saved from elsewhere in the meantime",
                    saved.savedBy() + " saved this set after you opened it. Open it again to change it.");
        }
        return store(saved, advisor, set);
    }

    /**
     * Deletes a set with its states. Cases that were looked at with it are looked at with another.
     *
     * @throws RefusedException if the practice has no such set
     */
    @Transactional
    public void delete(SignedInAdvisor advisor, UUID id) {
        LimitSetRow gone = find(advisor, id);
        states.deleteBySetId(gone.id());
        sets.delete(gone);
    }

    private LimitSetView store(LimitSetRow target, SignedInAdvisor advisor, LimitSetDocument set) {
        LimitSetReader.read(set);
        target.take(set, advisor, clock.instant().truncatedTo(ChronoUnit.MILLIS));
        LimitSetView stored = sets.saveAndFlush(target).view();
        states.save(new LimitSetState(stored));
        return stored;
    }

    private LimitSetRow find(SignedInAdvisor advisor, UUID id) {
        return sets.findByPracticeIdAndId(advisor.practiceId(), id)
                .orElseThrow(() -> new RefusedException(
                        HttpStatus.NOT_FOUND, "No such limit set", "The practice has no such limit set."));
    }
}
