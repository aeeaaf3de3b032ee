package app.impendium.server.casefile;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.client.CaseClients.ClientName;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Whose a case is. */
@RestController
class CaseClientController {
    private final CaseStore store;

    CaseClientController(CaseStore store) {
        this.store = store;
    }

    /** The clients of a case, by name. */
    @GetMapping("/api/cases/{id}/clients")
    List<ClientName> clients(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        return store.clients(advisor, id);
    }

    /** Gives a case to a client as well. */
    @Recorded(value = Action.CHANGED, of = Kind.CASE)
    @PutMapping("/api/cases/{id}/clients/{client}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id, @PathVariable UUID client) {
        store.addClient(advisor, id, client);
    }

    /** Takes a case from a client. */
    @Recorded(value = Action.CHANGED, of = Kind.CASE)
    @DeleteMapping("/api/cases/{id}/clients/{client}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id, @PathVariable UUID client) {
        store.removeClient(advisor, id, client);
    }
}
