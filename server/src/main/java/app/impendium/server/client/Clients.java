package app.impendium.server.client;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.client.ClientList.ClientLine;
import app.impendium.server.problem.RefusedException;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the clients of a practice. */
@Service
public class Clients {
    private static final int MOST = 50_000;

    private final ClientRepository clients;
    private final ClientSearch search;
    private final CaseClients cases;
    private final Clock clock;

    Clients(ClientRepository clients, ClientSearch search, CaseClients cases, Clock clock) {
        this.clients = clients;
        this.search = search;
        this.cases = cases;
        this.clock = clock;
    }

    /**
     * Fifty of the practice's clients with each of these words in name, email or address, or with this phone number.
     *
     * @param from how many of them are left out before, by name
     */
    @Transactional(readOnly = true)
    ClientList search(SignedInAdvisor advisor, String words, int from) {
        return search.find(advisor.practiceId(), words, from);
    }

    /** Clients who may be kept twice: another has the same name, email or phone. */
    @Transactional(readOnly = true)
    List<ClientLine> doubles(SignedInAdvisor advisor) {
        return search.doubles(advisor.practiceId());
    }

    /** @throws RefusedException if the practice has no such client */
    @Transactional(readOnly = true)
    public ClientView read(SignedInAdvisor advisor, UUID id) {
        return ClientView.of(find(advisor, id));
    }

    /** @throws RefusedException if a field has no meaning, or the practice has too many clients */
    @Transactional
    public ClientView create(SignedInAdvisor advisor, ClientDetails details) {
        details.check();
        if (clients.countByPracticeId(advisor.practiceId()) >= MOST) {
            throw new RefusedException(
                    HttpStatus.CONFLICT, "Too many clients", "A practice keeps at most " + MOST + " clients.");
        }
        return store(new ClientRow(advisor.practiceId()), advisor, details);
    }

    /**
     * Saves what is known of a client.
     *
     * @param seenRevision the revision that the change was made to
     * @throws RefusedException if a field has no meaning, the practice has no such client, or somebody changed it since
     */
    @Transactional
    ClientView save(SignedInAdvisor advisor, UUID id, int seenRevision, ClientDetails details) {
        details.check();
        ClientRow row = findToChange(advisor, id);
        if (row.details().equals(details)) {
            return ClientView.of(row);
        }
        if (row.revision() != seenRevision) {
            throw new RefusedException(
                    HttpStatus.CONFLICT,
                    "Saved from elsewhere in the meantime",
                    row.savedBy() + " changed this client after you opened it. Open it again to change it.");
        }
        return store(row, advisor, details);
    }

    /**
     * Makes one of two clients who are the same: the first takes the other's cases, and what it does not know.
     *
     * @throws RefusedException if the practice has not both of them, or they are one already
     */
    @Transactional
    ClientView merge(SignedInAdvisor advisor, UUID id, UUID otherId) {
        if (id.equals(otherId)) {
            throw new RefusedException(HttpStatus.CONFLICT, "The same client", "Choose two different clients.");
        }
        // In one order, whoever merges what with what: two who wait for one another would both fail.
        boolean isFirst = id.compareTo(otherId) < 0;
        ClientRow one = findToChange(advisor, isFirst ? id : otherId);
        ClientRow two = findToChange(advisor, isFirst ? otherId : id);
        ClientRow kept = isFirst ? one : two;
        ClientRow gone = isFirst ? two : one;
        cases.move(gone.id(), kept.id());
        clients.delete(gone);
        return store(kept, advisor, kept.details().filledFrom(gone.details()));
    }

    /**
     * Makes a client of each name of one who is called by several: they share the cases, and the first keeps what is known. Who is
     * known already by such a name gets the cases.
     *
     * @return all of them
     * @throws RefusedException if the practice has no such client, or the client has one name, or the practice too many clients
     */
    @Transactional
    List<ClientView> divide(SignedInAdvisor advisor, UUID id) {
        ClientRow row = findToChange(advisor, id);
        List<String> names = row.details().names();
        if (names.size() < 2) {
            throw new RefusedException(
                    HttpStatus.CONFLICT, "One name", "Write the names with a comma between them: this is one.");
        }
        List<ClientView> all = new ArrayList<>();
        all.add(store(row, advisor, row.details().called(names.get(0))));
        for (String name : names.subList(1, names.size())) {
            ClientView other = search.named(advisor.practiceId(), name)
                    .map(known -> read(advisor, known))
                    .orElseGet(() -> create(advisor, new ClientDetails(name, "", "", "", "")));
            cases.move(id, other.id());
            all.add(other);
        }
        return all;
    }

    /**
     * Deletes a client without cases.
     *
     * @throws RefusedException if the practice has no such client, or the client has cases
     */
    @Transactional
    void delete(SignedInAdvisor advisor, UUID id) {
        ClientRow gone = findToChange(advisor, id);
        if (cases.hasAny(id)) {
            throw new RefusedException(
                    HttpStatus.CONFLICT,
                    "The client has cases",
                    "Give the cases to another client first, or have an owner erase the client with them.");
        }
        clients.delete(gone);
    }

    private ClientView store(ClientRow row, SignedInAdvisor advisor, ClientDetails details) {
        row.take(details, advisor, clock.instant().truncatedTo(ChronoUnit.MILLIS));
        return ClientView.of(clients.saveAndFlush(row));
    }

    private ClientRow find(SignedInAdvisor advisor, UUID id) {
        return clients.findByPracticeIdAndId(advisor.practiceId(), id).orElseThrow(Clients::noSuchClient);
    }

    private ClientRow findToChange(SignedInAdvisor advisor, UUID id) {
        return clients.findWithLockByPracticeIdAndId(advisor.practiceId(), id).orElseThrow(Clients::noSuchClient);
    }

    static RefusedException noSuchClient() {
        return new RefusedException(
                HttpStatus.NOT_FOUND, "No such client", "Your practice has no client with this address.");
    }
}
