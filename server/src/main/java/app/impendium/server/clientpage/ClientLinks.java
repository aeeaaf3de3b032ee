package app.impendium.server.clientpage;

import app.impendium.core.finding.Findings;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.casefile.CaseStore;
import app.impendium.server.evaluation.Needed;
import app.impendium.server.handout.Tellings;
import app.impendium.server.handout.compose.Telling;
import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.practice.PracticeSettings;
import app.impendium.server.problem.RefusedException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** The links of a practice's cases to their clients' pages. */
@Service
class ClientLinks {
    private static final int MOST_OPEN = 50;
    private static final int MOST_DAYS = 366;
    private static final int FEWEST_WORD_CHARACTERS = 4;
    private static final int MOST_WORD_CHARACTERS = 60;

    private final ClientLinkRepository links;
    private final ClientNoteRepository notes;
    private final CaseStore cases;
    private final Tellings tellings;
    private final PracticeSettings practices;
    private final TransactionTemplate transaction;
    private final Clock clock;

    ClientLinks(
            ClientLinkRepository links,
            ClientNoteRepository notes,
            CaseStore cases,
            Tellings tellings,
            PracticeSettings practices,
            TransactionTemplate transaction,
            Clock clock) {
        this.links = links;
        this.notes = notes;
        this.cases = cases;
        this.tellings = tellings;
        this.practices = practices;
        this.transaction = transaction;
        this.clock = clock;
    }

    /**
     * What a page is to show.
     *
     * @param caseRevision the saved state of the case that whoever asks has seen
     * @param titles what the options are called
     */
    record Shown(int caseRevision, List<String> titles) {}

    /** A link that was just made, with the key that is not told again. */
    record MadeLink(ClientLinkView link, LinkKey key) {}

    /**
     * Makes a link to a page of the case as it is saved.
     *
     * @param endsOn its last day, within a year from today
     * @param word what the client has to type, of 4 to 60 characters
     * @throws RefusedException if the practice has no such case, it was saved since, or it has too many links
     * @throws app.impendium.core.finding.CaseException if the day or the word is none, or the option has no figures
     */
    MadeLink make(SignedInAdvisor advisor, UUID caseId, Shown shown, LocalDate endsOn, Optional<String> word) {
        LocalDate today = today(advisor);
        check(today, endsOn, word);
        LinkKey key = LinkKey.random();
        ClientLinkRow link = new ClientLinkRow(advisor, caseId, key, word, endsOn, now());
        compose(advisor, caseId, shown).accept(link);
        return transaction.execute(status -> {
            checkRoom(advisor, caseId, today);
            return new MadeLink(ClientLinkView.of(links.save(link), List.of(), today), key);
        });
    }

    private void checkRoom(SignedInAdvisor advisor, UUID caseId, LocalDate today) {
        if (links.countOpen(advisor.practiceId(), caseId, today) >= MOST_OPEN) {
            throw new RefusedException(
                    HttpStatus.CONFLICT,
                    "Too many links",
                    "A case has at most " + MOST_OPEN + " open links to a client's page. End one of them first.");
        }
    }

    /**
     * Has a link show the case as it is saved now.
     *
     * @throws RefusedException if the practice has no such link, or the case was saved since
     * @throws app.impendium.core.finding.CaseException if the option has no figures
     */
    void showAgain(SignedInAdvisor advisor, UUID id, Shown shown) {
        UUID caseId = transaction.execute(status -> find(advisor, id).caseId());
        Consumer<ClientLinkRow> show = compose(advisor, caseId, shown);
        transaction.executeWithoutResult(status -> show.accept(find(advisor, id)));
    }

    /**
     * Ends a link for good: its page opens no more.
     *
     * @throws RefusedException if the practice has no such link
     */
    @Transactional
    void end(SignedInAdvisor advisor, UUID id) {
        find(advisor, id).end(now());
    }

    /**
     * The links of a case, the latest first.
     *
     * @throws RefusedException if the practice has no such case
     */
    @Transactional(readOnly = true)
    List<ClientLinkView> of(SignedInAdvisor advisor, UUID caseId) {
        UUID id = cases.read(advisor, caseId).id();
        Map<UUID, List<ClientNoteView>> notesByLink =
                notes.findByPracticeIdAndCaseIdOrderBySentAtDesc(advisor.practiceId(), id).stream()
                        .collect(Collectors.groupingBy(
                                ClientNoteRow::linkId, Collectors.mapping(ClientNoteRow::view, Collectors.toList())));
        LocalDate today = today(advisor);
        return links.findByPracticeIdAndCaseIdOrderByMadeAtDesc(advisor.practiceId(), id).stream()
                .map(link -> ClientLinkView.of(link, notesByLink.getOrDefault(link.id(), List.of()), today))
                .toList();
    }

    /** The cases whose clients wrote what nobody of the practice has seen, the latest first. */
    @Transactional(readOnly = true)
    List<UnseenNotesView> unseen(SignedInAdvisor advisor) {
        return notes.unseen(advisor.practiceId()).stream()
                .flatMap(unseen -> cases.title(advisor.practiceId(), unseen.caseId()).stream()
                        .map(title -> new UnseenNotesView(unseen.caseId(), title, unseen.notes(), unseen.lastSentAt())))
                .toList();
    }

    /**
     * Takes the notes of a case as seen.
     *
     * @throws app.impendium.server.problem.RefusedException if the practice has no such case
     */
    @Transactional
    void see(SignedInAdvisor advisor, UUID caseId) {
        cases.read(advisor, caseId);
        notes.see(advisor.practiceId(), caseId, now());
    }

    /** What has a link show a case; composing it takes far too long to keep a connection to the database meanwhile. */
    private Consumer<ClientLinkRow> compose(SignedInAdvisor advisor, UUID caseId, Shown shown) {
        Telling telling = tellings.ofSaved(advisor, caseId, shown.caseRevision(), shown.titles());
        HandoutContent content = tellings.composed(advisor, telling);
        return link -> link.show(shown.caseRevision(), telling.kept(), content);
    }

    private static void check(LocalDate today, LocalDate endsOn, Optional<String> word) {
        Findings findings = new Findings();
        word.ifPresent(given -> Needed.text("word", given, FEWEST_WORD_CHARACTERS, MOST_WORD_CHARACTERS, findings));
        findings.throwIfAny();
        if (endsOn == null || endsOn.isBefore(today) || endsOn.isAfter(today.plusDays(MOST_DAYS))) {
            String allowed = today + " to " + today.plusDays(MOST_DAYS);
            throw RefusedException.atField(
                    "/endsOn",
                    String.valueOf(endsOn),
                    allowed,
                    "The link ends on a day from today to a year from now: " + allowed + ".");
        }
    }

    private ClientLinkRow find(SignedInAdvisor advisor, UUID id) {
        return links.findByPracticeIdAndId(advisor.practiceId(), id)
                .orElseThrow(() -> new RefusedException(
                        HttpStatus.NOT_FOUND, "No such link", "The practice has no such link to a client's page."));
    }

    private LocalDate today(SignedInAdvisor advisor) {
        return LocalDate.now(clock.withZone(practices.timeZone(advisor)));
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }
}
