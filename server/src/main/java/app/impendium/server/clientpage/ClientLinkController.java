package app.impendium.server.clientpage;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.clientpage.ClientLinks.MadeLink;
import app.impendium.server.clientpage.ClientLinks.Shown;
import app.impendium.server.problem.EntityTag;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Links to clients' pages, and the notes that came back, for the practice. */
@RestController
class ClientLinkController {
    private final ClientLinks links;

    ClientLinkController(ClientLinks links) {
        this.links = links;
    }

    /**
     * A link to make.
     *
     * @param titles what the options are called
     * @param endsOn its last day, within a year from today
     * @param word what the client has to type, of 4 to 60 characters in any case; absent for nothing
     */
    record LinkQuestion(
            List<String> titles,
            LocalDate endsOn,
            @Schema(nullable = true) String word) {
        LinkQuestion {
            titles = titles == null ? List.of() : titles;
        }
    }

    /**
     * A link that was made.
     *
     * @param key what opens it; it is told this once
     */
    record MadeLinkView(ClientLinkView link, String key) {
        static MadeLinkView of(MadeLink made) {
            return new MadeLinkView(made.link(), made.key().text());
        }
    }

    /** Makes a link to a page of the case as it is saved. */
    @Recorded(value = Action.HANDED_OUT, of = Kind.CASE)
    @PostMapping("/api/cases/{id}/client-links")
    @ResponseStatus(HttpStatus.CREATED)
    MadeLinkView make(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) String seenTag,
            @RequestBody LinkQuestion question) {
        Shown shown = new Shown(EntityTag.revision(seenTag), question.titles());
        return MadeLinkView.of(links.make(advisor, id, shown, question.endsOn(), Optional.ofNullable(question.word())));
    }

    /** The links of a case, the latest first. */
    @GetMapping("/api/cases/{id}/client-links")
    List<ClientLinkView> ofCase(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        return links.of(advisor, id);
    }

    /**
     * What a page is to show of its case.
     *
     * @param titles what the options are called
     */
    record ShowQuestion(List<String> titles) {
        ShowQuestion {
            titles = titles == null ? List.of() : titles;
        }
    }

    /** Has a link show the case as it is saved now. */
    @Recorded(value = Action.CHANGED, of = Kind.CLIENT_PAGE)
    @PutMapping("/api/client-links/{id}/shown")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void show(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) String seenTag,
            @RequestBody ShowQuestion question) {
        links.showAgain(advisor, id, new Shown(EntityTag.revision(seenTag), question.titles()));
    }

    /** Ends a link: its page opens no more. */
    @Recorded(value = Action.CHANGED, of = Kind.CLIENT_PAGE)
    @DeleteMapping("/api/client-links/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        links.end(advisor, id);
    }

    /** The cases whose clients wrote what nobody of the practice has seen, the latest first. */
    @GetMapping("/api/client-notes/unseen")
    List<UnseenNotesView> unseen(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return links.unseen(advisor);
    }

    /** Takes the notes of a case as seen. */
    @Recorded(value = Action.READ, of = Kind.CASE)
    @PutMapping("/api/cases/{id}/client-notes/seen")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void see(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        links.see(advisor, id);
    }
}
