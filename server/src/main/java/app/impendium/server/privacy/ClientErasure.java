package app.impendium.server.privacy;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.audit.AuditLog;
import app.impendium.server.client.Clients;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes a client away for good, with the cases that are theirs alone and all that was made of them. Cases that are another
 * client's too stay with the other. The log keeps that it was done and by whom, and no name.
 */
@Service
class ClientErasure {
    private static final String THEIRS = """
             from case_file f where f.practice_id = :practice
            and exists (select 1 from case_client own where own.case_id = f.id and own.client_id = :client)
            and %s exists (select 1 from case_client o where o.case_id = f.id and o.client_id <> :client)""";
    private static final String ALONE = THEIRS.formatted("not");
    private static final String SHARED = THEIRS.formatted("");

    private final Clients clients;
    private final AuditLog log;
    private final JdbcClient database;

    ClientErasure(Clients clients, AuditLog log, JdbcClient database) {
        this.clients = clients;
        this.log = log;
        this.database = database;
    }

    /**
     * What an erasure takes away.
     *
     * @param gone the titles of the cases that go, archived and deleted ones among them
     * @param kept the titles of those that stay with another client
     */
    record Extent(List<String> gone, List<String> kept) {}

    /** @throws app.impendium.server.problem.RefusedException if the practice has no such client */
    @Transactional(readOnly = true)
    Extent extent(SignedInAdvisor owner, UUID clientId) {
        clients.read(owner, clientId);
        return new Extent(titles(owner, clientId, ALONE), titles(owner, clientId, SHARED));
    }

    /**
     * Erases it. What was archived in backups goes as they are replaced.
     *
     * @throws app.impendium.server.problem.RefusedException if the practice has no such client
     */
    @Transactional
    void erase(SignedInAdvisor owner, UUID clientId) {
        clients.read(owner, clientId);
        int gone = database.sql("delete" + ALONE)
                .param("practice", owner.practiceId())
                .param("client", clientId)
                .update();
        database.sql("delete from client where id = ? and practice_id = ?")
                .params(clientId, owner.practiceId())
                .update();
        log.record(owner, Action.ERASED, Kind.CLIENT, clientId, gone == 1 ? "with 1 case" : "with " + gone + " cases");
    }

    private List<String> titles(SignedInAdvisor owner, UUID clientId, String theirs) {
        return database.sql("select f.title" + theirs + " order by f.title, f.id")
                .param("practice", owner.practiceId())
                .param("client", clientId)
                .query(String.class)
                .list();
    }
}
