package app.impendium.server.handout;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.LetterheadDocument;
import app.impendium.server.practice.PracticeSettings;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps how each practice presents itself. */
@Service
public class Letterheads {
    private final LetterheadRepository letterheads;
    private final PracticeSettings practices;
    private final Clock clock;

    Letterheads(LetterheadRepository letterheads, PracticeSettings practices, Clock clock) {
        this.letterheads = letterheads;
        this.practices = practices;
        this.clock = clock;
    }

    /** The practice's letterhead; its name alone where it has none. */
    @Transactional(readOnly = true)
    public LetterheadDocument of(SignedInAdvisor advisor) {
        return letterheads
                .findById(advisor.practiceId())
                .map(LetterheadRow::body)
                .orElseGet(() -> new LetterheadDocument(practices.name(advisor), "", null, List.of()));
    }

    /**
     * Presents the practice so from now on.
     *
     * @throws app.impendium.core.finding.CaseException if it is no letterhead
     */
    @Transactional
    public LetterheadDocument save(SignedInAdvisor advisor, LetterheadDocument letterhead) {
        LetterheadCheck.check(letterhead);
        LetterheadRow row =
                letterheads.findById(advisor.practiceId()).orElseGet(() -> new LetterheadRow(advisor.practiceId()));
        row.take(letterhead, advisor, clock.instant().truncatedTo(ChronoUnit.MILLIS));
        return letterheads.save(row).body();
    }
}
