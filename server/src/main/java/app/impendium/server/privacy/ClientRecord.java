package app.impendium.server.privacy;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.client.ClientView;
import app.impendium.server.client.Clients;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.practice.PracticeSettings;
import java.io.OutputStream;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Collects what a practice keeps of a client. */
@Service
class ClientRecord {

    private final Clients clients;
    private final PracticeSettings practices;
    private final JdbcClient database;
    private final JsonMapper json;
    private final RecordFile file;
    private final Clock clock;

    ClientRecord(
            Clients clients,
            PracticeSettings practices,
            JdbcClient database,
            JsonMapper json,
            RecordFile file,
            Clock clock) {
        this.clients = clients;
        this.practices = practices;
        this.database = database;
        this.json = json;
        this.file = file;
        this.clock = clock;
    }

    /**
     * What is kept of a client, but for what was made of each case, which is counted.
     *
     * @param practice who keeps it
     * @param cases theirs, archived and deleted ones that can still be had back among them
     * @param log who of the practice did what with the client or with one of the cases, the latest first
     */
    record Kept(Instant collectedAt, String practice, ClientView client, List<KeptCase> cases, List<Done> log) {}

    /**
     * A case, and how much was made of it.
     *
     * @param shared whether it is another client's too
     * @param document as it is saved
     */
    record KeptCase(
            UUID id,
            String title,
            boolean shared,
            Instant savedAt,
            String savedBy,
            CaseDocument document,
            int states,
            int handOuts,
            int clientPages,
            List<KeptNote> notes) {}

    /** @param changes what the client tried out on the page, and sent with the words */
    record KeptNote(Instant sentAt, String words, JsonNode changes) {}

    record Done(Instant at, int times, String who, String action, String kind) {}

    /**
     * Writes all of it as a file, as it is at one moment.
     *
     * @return what is kept of the client
     * @throws app.impendium.server.problem.RefusedException if the practice has no such client
     */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    Kept write(SignedInAdvisor asking, UUID clientId, OutputStream out) {
        Kept kept = of(asking, clientId);
        file.write(kept, out);
        return kept;
    }

    /**
     * Collects it, as it is at one moment.
     *
     * @throws app.impendium.server.problem.RefusedException if the practice has no such client
     */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    Kept of(SignedInAdvisor asking, UUID clientId) {
        ClientView client = clients.read(asking, clientId);
        List<KeptCase> cases = database.sql("""
                        select f.id, f.title, f.saved_at, f.saved_by, f.document::text as document, exists (
                            select 1 from case_client o where o.case_id = f.id and o.client_id <> :client) as shared,
                            (select count(*) from case_state s where s.case_id = f.id) as states,
                            (select count(*) from issued_handout h where h.case_id = f.id) as hand_outs,
                            (select count(*) from client_link l where l.case_id = f.id) as client_pages
                        from case_file f join case_client own on own.case_id = f.id
                        where own.client_id = :client and f.practice_id = :practice order by f.saved_at desc, f.id""")
                .param("client", clientId)
                .param("practice", asking.practiceId())
                .query((row, number) -> keptCase(row))
                .list();
        List<Done> log = database.sql("""
                        select e.last_at, e.times, a.name, e.action, e.kind from audit_entry e
                        join advisor a on a.id = e.advisor_id
                        where e.practice_id = :practice and (e.subject_id = :client or e.subject_id in (
                            select case_id from case_client where client_id = :client))
                        order by e.last_at desc, e.id""")
                .param("practice", asking.practiceId())
                .param("client", clientId)
                .query((row, number) -> new Done(
                        at(row, "last_at"),
                        row.getInt("times"),
                        row.getString("name"),
                        row.getString("action"),
                        row.getString("kind")))
                .list();
        return new Kept(clock.instant(), practices.name(asking), client, cases, log);
    }

    private KeptCase keptCase(ResultSet row) throws SQLException {
        UUID id = row.getObject("id", UUID.class);
        return new KeptCase(
                id,
                row.getString("title"),
                row.getBoolean("shared"),
                at(row, "saved_at"),
                row.getString("saved_by"),
                json.readValue(row.getString("document"), CaseDocument.class),
                row.getInt("states"),
                row.getInt("hand_outs"),
                row.getInt("client_pages"),
                notes(id));
    }

    private List<KeptNote> notes(UUID caseId) {
        return database.sql(
                        "select sent_at, words, changes::text as changes from client_note where case_id = ? order by sent_at")
                .param(caseId)
                .query((note, number) -> new KeptNote(
                        at(note, "sent_at"), note.getString("words"), json.readTree(note.getString("changes"))))
                .list();
    }

    private static Instant at(ResultSet row, String column) throws SQLException {
        Timestamp moment = row.getTimestamp(column);
        return moment.toInstant();
    }
}
