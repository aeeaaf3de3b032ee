package app.impendium.server.casefile;

import app.impendium.core.CaseEvaluation;
import app.impendium.server.account.Role;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.casefile.CaseStandings.Standing;
import app.impendium.server.client.CaseClients;
import app.impendium.server.client.CaseClients.ClientName;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.evaluation.DocumentEvaluator;
import app.impendium.server.practice.PracticeSettings;
import app.impendium.server.problem.RefusedException;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.IntConsumer;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Keeps the cases of a practice. Only a case that has an answer is stored. */
@Service
public class CaseStore {
    private static final int AT_ONCE = 500;

    private final SavedCaseRepository cases;
    private final CaseStateRepository states;
    private final CaseSearch search;
    private final CaseStandings standings;
    private final CaseClients clients;
    private final PracticeSettings settings;
    private final EntityManager entities;
    private final TransactionTemplate transaction;
    private final Clock clock;

    CaseStore(
            SavedCaseRepository cases,
            CaseStateRepository states,
            CaseSearch search,
            CaseStandings standings,
            CaseClients clients,
            PracticeSettings settings,
            EntityManager entities,
            TransactionTemplate transaction,
            Clock clock) {
        this.cases = cases;
        this.states = states;
        this.search = search;
        this.standings = standings;
        this.clients = clients;
        this.settings = settings;
        this.entities = entities;
        this.transaction = transaction;
        this.clock = clock;
    }

    /**
     * Fifty of the practice's cases that a filter leaves, in its order.
     *
     * @param from how many of them are left out before
     */
    @Transactional(readOnly = true)
    public CaseList search(SignedInAdvisor advisor, CaseFilter filter, int from) {
        LocalDate today = LocalDate.now(clock.withZone(settings.timeZone(advisor)));
        return search.find(advisor.practiceId(), filter, today, from);
    }

    /**
     * Begins a case.
     *
     * @throws app.impendium.core.finding.CaseException if the case has no answer
     */
    public CaseView create(SignedInAdvisor advisor, CaseDocument document) {
        Judged judged = judge(advisor, document);
        return transaction.execute(status -> {
            CaseView begun = store(SavedCase.begunBy(advisor), advisor, judged);
            clients.begin(List.of(begun.id()), begun.savedAt());
            return begun;
        });
    }

    /**
     * Keeps a case that others begin from.
     *
     * @throws app.impendium.core.finding.CaseException if it has no answer
     */
    CaseView createTemplate(SignedInAdvisor owner, CaseDocument document) {
        Judged judged = judge(owner, document);
        return transaction.execute(status -> store(SavedCase.templateOf(owner), owner, judged));
    }

    /**
     * Begins many cases, or none of them.
     *
     * @param told how many are begun so far, from time to time
     * @throws app.impendium.core.finding.CaseException if one of them has no answer
     */
    @Transactional
    public void createAll(SignedInAdvisor advisor, List<CaseDocument> documents, IntConsumer told) {
        Instant now = clock.instant().truncatedTo(ChronoUnit.MILLIS);
        List<UUID> fresh = new ArrayList<>();
        for (int begun = 0; begun < documents.size(); begun++) {
            CaseDocument document = documents.get(begun);
            SavedCase added = SavedCase.begunBy(advisor);
            fresh.add(added.id());
            added.take(document, DocumentEvaluator.evaluate(document), advisor, now);
            states.save(new CaseState(cases.save(added)));
            if ((begun + 1) % AT_ONCE == 0 || begun + 1 == documents.size()) {
                // What is stored is let go, so that so many take no more memory than a few.
                entities.flush();
                entities.clear();
                clients.begin(fresh, now);
                fresh.clear();
                told.accept(begun + 1);
            }
        }
    }

    /**
     * One of the practice's cases.
     *
     * @throws RefusedException if the practice has no such case
     */
    @Transactional(readOnly = true)
    public CaseView read(SignedInAdvisor advisor, UUID id) {
        return CaseView.of(find(advisor, id), advisor);
    }

    /** What a practice's case is called; none where it has no such case. */
    @Transactional(readOnly = true)
    public Optional<String> title(UUID practiceId, UUID id) {
        return cases.findByPracticeIdAndIdAndDeletedAtIsNull(practiceId, id)
                .map(saved -> saved.document().title());
    }

    /**
     * Saves a new state of a case.
     *
     * @param seenRevision the revision that the change was made to
     * @throws RefusedException if the practice has no such case, or it was saved from elsewhere since
     * @throws app.impendium.core.finding.CaseException if the case has no answer
     */
    public CaseView save(SignedInAdvisor advisor, UUID id, int seenRevision, CaseDocument document) {
        Judged judged = judge(advisor, document);
        return transaction.execute(status -> save(advisor, id, seenRevision, judged));
    }

    private CaseView save(SignedInAdvisor advisor, UUID id, int seenRevision, Judged judged) {
        CaseDocument document = judged.document();
        SavedCase saved = find(advisor, id);
        if (document.equals(saved.document())) {
            // Sent again, perhaps because the first answer was lost: it is there already.
            return CaseView.of(saved, advisor);
        }
        if (saved.isTemplate() && advisor.role() != Role.OWNER) {
            throw new RefusedException(
                    HttpStatus.FORBIDDEN,
                    "For owners",
                    "Only an owner changes what the practice's cases begin from. Begin a case from it instead.");
        }
        if (saved.revision() != seenRevision) {
            throw new RefusedException(
                    HttpStatus.CONFLICT,
                    "Saved from elsewhere in the meantime",
                    saved.savedBy() + " saved this case after you opened it.",
                    Map.of("saved", CaseView.of(saved, advisor), "sent", document));
        }
        String calledBefore = saved.document().clients().strip();
        CaseView stored = store(saved, advisor, judged);
        if (!saved.isTemplate() && !document.clients().strip().equals(calledBefore)) {
            clients.follow(id, calledBefore, stored.savedAt());
        }
        return stored;
    }

    /**
     * The clients of a case, by name.
     *
     * @throws RefusedException if the practice has no such case
     */
    @Transactional(readOnly = true)
    List<ClientName> clients(SignedInAdvisor advisor, UUID id) {
        find(advisor, id);
        return clients.of(advisor.practiceId(), id);
    }

    /**
     * Gives a case to a client as well.
     *
     * @throws RefusedException if the practice has no such case or client
     */
    @Transactional
    void addClient(SignedInAdvisor advisor, UUID id, UUID client) {
        find(advisor, id);
        clients.add(id, client, advisor.practiceId());
    }

    /**
     * Takes a case from a client.
     *
     * @throws RefusedException if the practice has no such case
     */
    @Transactional
    void removeClient(SignedInAdvisor advisor, UUID id, UUID client) {
        find(advisor, id);
        clients.remove(id, client);
    }

    /** A document with all that is computed of it before it is stored. */
    private record Judged(CaseDocument document, CaseEvaluation figures, Standing standing) {}

    /** Nothing of the database is held meanwhile: a case may take seconds. */
    private Judged judge(SignedInAdvisor advisor, CaseDocument document) {
        CaseEvaluation figures = DocumentEvaluator.evaluate(document);
        return new Judged(
                document, figures, CaseStandings.judge(standings.rules(advisor.practiceId()), document, figures));
    }

    private CaseView store(SavedCase target, SignedInAdvisor advisor, Judged judged) {
        target.take(
                judged.document(), judged.figures(), advisor, clock.instant().truncatedTo(ChronoUnit.MILLIS));
        // Flushed at once, so that the state kept beside it carries the new revision.
        SavedCase stored = cases.saveAndFlush(target);
        states.save(new CaseState(stored));
        standings.take(stored.id(), judged.standing());
        return CaseView.of(stored, advisor);
    }

    private SavedCase find(SignedInAdvisor advisor, UUID id) {
        return cases.findByPracticeIdAndIdAndDeletedAtIsNull(advisor.practiceId(), id)
                .orElseThrow(CaseStore::noSuchCase);
    }

    private static RefusedException noSuchCase() {
        return new RefusedException(
                HttpStatus.NOT_FOUND, "No such case", "Your practice has no case with this address.");
    }
}
