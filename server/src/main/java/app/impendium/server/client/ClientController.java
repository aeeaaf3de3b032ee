package app.impendium.server.client;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.client.ClientList.ClientLine;
import app.impendium.server.problem.EntityTag;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import app.impendium.server.recorded.RecordedNote;
import app.impendium.server.search.ListStart;
import app.impendium.server.search.SearchWords;
import java.net.URI;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The practice's clients over HTTP. */
@RestController
class ClientController {
    private final Clients clients;

    ClientController(Clients clients) {
        this.clients = clients;
    }

    /**
     * Fifty of the practice's clients, by name.
     *
     * @param search words that name, email and address contain, in any order, or a phone number
     * @param from how many are left out before, from 0
     */
    @GetMapping("/api/clients")
    ClientList search(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @RequestParam(defaultValue = "") String search,
            @RequestParam(defaultValue = "0") int from) {
        ListStart.check(from);
        return SearchWords.isUnlikeAnything(search)
                ? new ClientList(0, List.of())
                : clients.search(advisor, search, from);
    }

    /** Clients who may be kept twice, those alike beside one another. */
    @GetMapping("/api/clients/doubles")
    List<ClientLine> doubles(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return clients.doubles(advisor);
    }

    @Recorded(value = Action.CREATED, of = Kind.CLIENT)
    @PostMapping("/api/clients")
    ResponseEntity<ClientView> create(
            @AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody ClientDetails details) {
        ClientView created = clients.create(advisor, details);
        return ResponseEntity.created(URI.create("/api/clients/" + created.id()))
                .eTag(EntityTag.of(created.revision()))
                .body(created);
    }

    @Recorded(value = Action.READ, of = Kind.CLIENT)
    @GetMapping("/api/clients/{id}")
    ResponseEntity<ClientView> read(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        return answer(clients.read(advisor, id));
    }

    @Recorded(value = Action.CHANGED, of = Kind.CLIENT)
    @PutMapping("/api/clients/{id}")
    ResponseEntity<ClientView> save(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) String seenTag,
            @RequestBody ClientDetails details) {
        return answer(clients.save(advisor, id, EntityTag.revision(seenTag), details));
    }

    /** Makes one of two: the client takes the other's cases and what it does not know, and the other goes. */
    @Recorded(value = Action.MERGED, of = Kind.CLIENT)
    @PostMapping("/api/clients/{id}/merge/{other}")
    ResponseEntity<ClientView> merge(
            @AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id, @PathVariable UUID other) {
        return answer(clients.merge(advisor, id, other));
    }

    /** Makes a client of each name between commas: they share the cases, and the first keeps what is known. */
    @Recorded(value = Action.DIVIDED, of = Kind.CLIENT)
    @PostMapping("/api/clients/{id}/division")
    List<ClientView> divide(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        List<ClientView> all = clients.divide(advisor, id);
        RecordedNote.say(all.stream().map(each -> each.details().name()).collect(Collectors.joining(", ")));
        return all;
    }

    /** Deletes a client without cases. */
    @Recorded(value = Action.DELETED, of = Kind.CLIENT)
    @DeleteMapping("/api/clients/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        clients.delete(advisor, id);
    }

    private static ResponseEntity<ClientView> answer(ClientView view) {
        return ResponseEntity.ok().eTag(EntityTag.of(view.revision())).body(view);
    }
}
