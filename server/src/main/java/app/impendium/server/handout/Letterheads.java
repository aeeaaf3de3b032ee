package app.impendium.server.handout;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.LetterheadDocument;
import app.impendium.server.practice.PracticeSettings;
import app.impendium.server.practicedata.KeptItem;
import app.impendium.server.practicedata.KeptItems;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How each practice presents itself: with its one letterhead. */
@Service
public class Letterheads {
    private final KeptItems<LetterheadDocument> kept;
    private final PracticeSettings practices;

    Letterheads(KeptItems<LetterheadDocument> kept, PracticeSettings practices) {
        this.kept = kept;
        this.practices = practices;
    }

    /** The practice's letterhead; its name alone where it has none. */
    @Transactional(readOnly = true)
    public LetterheadDocument of(SignedInAdvisor advisor) {
        return saved(advisor)
                .map(KeptItem::value)
                .orElseGet(() -> new LetterheadDocument(practices.name(advisor), "", null, List.of()));
    }

    /** The practice's letterhead in its latest state; none before it has one. */
    @Transactional(readOnly = true)
    Optional<KeptItem<LetterheadDocument>> saved(SignedInAdvisor advisor) {
        return kept.all(advisor).stream().findFirst();
    }

    /** Every saved state of the practice's letterhead, the latest first. */
    @Transactional(readOnly = true)
    List<KeptItem<LetterheadDocument>> history(SignedInAdvisor advisor) {
        return saved(advisor).map(saved -> kept.history(advisor, saved.id())).orElseGet(List::of);
    }

    /**
     * Presents the practice so from now on.
     *
     * @param seenRevision the state that was opened; read where the practice has a letterhead
     * @throws app.impendium.core.finding.CaseException if it is no letterhead
     * @throws app.impendium.server.problem.RefusedException if it was saved from elsewhere since
     */
    @Transactional
    public KeptItem<LetterheadDocument> save(SignedInAdvisor advisor, int seenRevision, LetterheadDocument letterhead) {
        kept.hold(advisor);
        return saved(advisor)
                .map(saved -> kept.save(advisor, saved.id(), seenRevision, letterhead))
                .orElseGet(() -> kept.create(advisor, letterhead));
    }
}
