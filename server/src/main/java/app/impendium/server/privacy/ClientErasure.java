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

    /** What was made of a case while it was made out to the client, though it is made out to others now. */
    private static final String EARLIER = """
             from %s made join case_file f on f.id = made.case_id where f.practice_id = :practice
            and plain_words(f.clients) <> :name and plain_words(made.%s ->> 'clients') = :name""";

    private static final String EARLIER_STATES = EARLIER.formatted("case_state", "document");
    private static final String EARLIER_HAND_OUTS = EARLIER.formatted("issued_handout", "made_from -> 'document'");
    private static final String EARLIER_LINKS = EARLIER.formatted("client_link", "made_from -> 'document'");

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
     * @param earlier the titles of those that are made out to others now, and lose what they said when they were made out to this one
     */
    record Extent(List<String> gone, List<String> kept, List<String> earlier) {}

    /** @throws app.impendium.server.problem.RefusedException if the practice has no such client */
    @Transactional(readOnly = true)
    Extent extent(SignedInAdvisor owner, UUID clientId) {
        clients.read(owner, clientId);
        return new Extent(
                titles(owner, clientId, ALONE), titles(owner, clientId, SHARED), earlierTitles(owner, clientId));
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
        eraseEarlier(owner, clientId);
        database.sql("delete from client where id = ? and practice_id = ?")
                .params(clientId, owner.practiceId())
                .update();
        log.record(owner, Action.ERASED, Kind.CLIENT, clientId, gone == 1 ? "with 1 case" : "with " + gone + " cases");
    }

    private void eraseEarlier(SignedInAdvisor owner, UUID clientId) {
        for (String sql : List.of(
                "delete from client_note where link_id in (select made.id" + EARLIER_LINKS + ")",
                "delete from client_link where id in (select made.id" + EARLIER_LINKS + ")",
                "delete from issued_handout where id in (select made.id" + EARLIER_HAND_OUTS + ")",
                "delete from case_state where id in (select made.id" + EARLIER_STATES + ")")) {
            database.sql(sql)
                    .param("practice", owner.practiceId())
                    .param("name", nameOf(clientId))
                    .update();
        }
    }

    private List<String> earlierTitles(SignedInAdvisor owner, UUID clientId) {
        return database.sql("select distinct f.title" + EARLIER_STATES + " order by f.title")
                .param("practice", owner.practiceId())
                .param("name", nameOf(clientId))
                .query(String.class)
                .list();
    }

    /** As names are compared. */
    private String nameOf(UUID clientId) {
        return database.sql("select plain_name from client where id = ?")
                .param(clientId)
                .query(String.class)
                .single();
    }

    private List<String> titles(SignedInAdvisor owner, UUID clientId, String theirs) {
        return database.sql("select f.title" + theirs + " order by f.title, f.id")
                .param("practice", owner.practiceId())
                .param("client", clientId)
                .query(String.class)
                .list();
    }
}
