package app.impendium.server.clientpage;

import app.impendium.server.casefile.CaseStore;
import app.impendium.server.practice.PracticeSettings;
import app.impendium.server.problem.RefusedException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lets clients in to their pages by the key of a link alone, and by a word where the link asks for one. */
@Service
class ClientEntrance {
    private final ClientLinkRepository links;
    private final CaseStore cases;
    private final PracticeSettings practices;
    private final Clock clock;

    ClientEntrance(ClientLinkRepository links, CaseStore cases, PracticeSettings practices, Clock clock) {
        this.links = links;
        this.cases = cases;
        this.practices = practices;
        this.clock = clock;
    }

    /**
     * The link that a key opens, with the visit noted.
     *
     * @param writtenKey as the link says it
     * @param word as they typed it; null where they were not asked
     * @throws RefusedException if the key opens nothing, its link ended, or the word is missing or wrong
     */
    // What is counted of wrong words stays though the request is refused.
    @Transactional(noRollbackFor = RefusedException.class)
    ClientLinkRow open(String writtenKey, String word) {
        LinkKey key = LinkKey.of(writtenKey).orElseThrow(ClientEntrance::noSuchPage);
        ClientLinkRow link = links.findByKeyHash(key.hash()).orElseThrow(ClientEntrance::noSuchPage);
        Instant now = clock.instant().truncatedTo(ChronoUnit.MILLIS);
        if (!link.isOpen(LocalDate.ofInstant(now, practices.timeZone(link.practiceId())))
                || cases.title(link.practiceId(), link.caseId()).isEmpty()) {
            throw new RefusedException(
                    HttpStatus.GONE, "This page has ended", "This page has ended. Ask your advisor for a new link.");
        }
        if (link.isLocked(now)) {
            throw new RefusedException(
                    HttpStatus.TOO_MANY_REQUESTS,
                    "Too many wrong words",
                    "Too many wrong words were typed. Wait an hour and try again, or ask your advisor for a new link.");
        }
        if (!link.takesWord(key, word, now)) {
            throw new RefusedException(
                    HttpStatus.UNAUTHORIZED,
                    "A word is needed",
                    word == null
                            ? "Type the word that your advisor gave you."
                            : "This is not the word. Type the one that your advisor gave you.");
        }
        link.noteVisit(now);
        return link;
    }

    private static RefusedException noSuchPage() {
        return new RefusedException(
                HttpStatus.NOT_FOUND,
                "No such page",
                "There is no page at this link. Check that it was copied whole, or ask your advisor for a new one.");
    }
}
