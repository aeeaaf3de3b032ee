package app.impendium.server.clientpage;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Findings;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.Market;
import app.impendium.server.evaluation.Needed;
import app.impendium.server.handout.compose.Composer;
import app.impendium.server.handout.compose.Telling;
import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.problem.RefusedException;
import app.impendium.server.problem.SharedTurns;
import app.impendium.server.problem.Turns;
import java.time.Clock;
import java.time.Duration;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What a client is shown on their page, and what they may send back. Few pages are computed at once, and few of each link: a link that
 * is passed on may have any number of readers, and the practice's advisors come first.
 */
@Service
class ClientPages {
    private static final int MOST_NOTES = 50;
    private static final int MOST_NOTE_CHARACTERS = 2000;
    private static final int MOST_WAITING = 30;
    private static final int MOST_OF_LINK = 6;

    private final ClientEntrance entrance;
    private final ClientNoteRepository notes;
    private final SharedTurns<UUID> turns;
    private final Clock clock;

    ClientPages(
            ClientEntrance entrance,
            ClientNoteRepository notes,
            @Value("${impendium.client-pages-at-once}") int atOnce,
            Clock clock) {
        this.entrance = entrance;
        this.turns = new SharedTurns<>(
                new Turns(
                        atOnce,
                        MOST_WAITING,
                        Duration.ofSeconds(10),
                        "Many are looking at pages just now. Try again in a moment."),
                MOST_OF_LINK);
        this.notes = notes;
        this.clock = clock;
    }

    /**
     * The page with a client's changes.
     *
     * @param key as the link says it
     * @param word as they typed it; null where they were not asked
     * @param chartWidth how wide its charts are, in pixels
     * @throws RefusedException if they may not enter
     * @throws app.impendium.server.problem.BusyException if too many look at pages
     * @throws CaseException if the changes have no figures
     */
    ClientPageView page(String key, String word, ClientChanges changes, int chartWidth) {
        ClientLinkRow link = entrance.open(key, word);
        return turns.take(link.id(), () -> page(link, changes, chartWidth));
    }

    private static ClientPageView page(ClientLinkRow link, ClientChanges changes, int chartWidth) {
        Telling advised = Telling.again(link.madeFrom(), chartWidth);
        CaseDocument document = advised.document();
        return new ClientPageView(
                content(changes.checked().in(advised), link.content()),
                ClientChanges.asAdvised(advised),
                document.options().get(advised.option()).terms().frequency(),
                document.currency(),
                Market.of(document),
                link.endsOn());
    }

    private static HandoutContent content(Telling told, HandoutContent kept) {
        try {
            return Composer.compose(told, kept.letterhead(), kept.day(), kept.disclaimer());
        } catch (CaseException refusal) {
            // Where in the case it lies is nothing that a client sees.
            throw refusal.at("changes");
        }
    }

    /**
     * Keeps what a client writes back.
     *
     * @param key as the link says it
     * @param word as they typed it; null where they were not asked
     * @param words from 1 to 2,000 characters
     * @param changes what the page said differently when they wrote
     * @throws RefusedException if they may not enter, wrote nothing, or wrote too often
     * @throws CaseException if the words or the changes are none
     */
    @Transactional(noRollbackFor = RefusedException.class)
    void send(String key, String word, String words, ClientChanges changes) {
        ClientLinkRow link = entrance.open(key, word);
        Findings findings = new Findings();
        if (Needed.isThere("words", words, findings)) {
            Needed.prose("words", words, MOST_NOTE_CHARACTERS, findings);
        }
        findings.throwIfAny();
        if (words.isBlank()) {
            throw RefusedException.atField("/words", "nothing", "a few words", "Write a few words to send.");
        }
        if (notes.countByPracticeIdAndLinkId(link.practiceId(), link.id()) >= MOST_NOTES) {
            throw new RefusedException(
                    HttpStatus.CONFLICT,
                    "Too many notes",
                    "This page has sent " + MOST_NOTES + " notes, and sends no more. Ask your advisor directly.");
        }
        notes.save(new ClientNoteRow(
                link, words.strip(), changes.checked(), clock.instant().truncatedTo(ChronoUnit.MILLIS)));
    }
}
