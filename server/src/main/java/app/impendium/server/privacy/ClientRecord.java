package app.impendium.server.privacy;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.client.ClientView;
import app.impendium.server.client.Clients;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.practice.PracticeSettings;
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

/** Collects all that a practice keeps of a client. */
@Service
class ClientRecord {
    private static final int FORMAT = 1;

    private final Clients clients;
    private final PracticeSettings practices;
    private final JdbcClient database;
    private final JsonMapper json;
    private final Clock clock;

    ClientRecord(Clients clients, PracticeSettings practices, JdbcClient database, JsonMapper json, Clock clock) {
        this.clients = clients;
        this.practices = practices;
        this.database = database;
        this.json = json;
        this.clock = clock;
    }

    /**
     * All that is kept of a client, as one.
     *
     * @param format of this record: 1
     * @param practice who keeps it
     * @param cases theirs, archived and deleted ones that can still be had back among them
     * @param log who of the practice did what with the client or with one of the cases, the latest first
     */
    record Kept(
            int format,
            Instant collectedAt,
            String practice,
            ClientView client,
            List<KeptCase> cases,
            List<Done> log) {}

    /**
     * A case with all that was made of it.
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
            List<KeptState> states,
            List<KeptHandout> handOuts,
            List<KeptPage> clientPages,
            List<KeptNote> notes) {}

    /** @param name what the state is called; null for nothing */
    record KeptState(int revision, Instant savedAt, String savedBy, String name, JsonNode document) {}

    record KeptHandout(Instant issuedAt, String issuedBy, JsonNode content) {}

    /** @param visits how often the page was opened */
    record KeptPage(Instant madeAt, String madeBy, int visits, JsonNode content) {}

    /** @param changes what the client tried out on the page, and sent with the words */
    record KeptNote(Instant sentAt, String words, JsonNode changes) {}

    record Done(Instant at, int times, String who, String action, String kind) {}

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
                            select 1 from case_client o where o.case_id = f.id and o.client_id <> :client) as shared
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
        return new Kept(FORMAT, clock.instant(), practices.name(asking), client, cases, log);
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
                all(
                        "select revision, saved_at, saved_by, name, document::text as document from case_state"
                                + " where case_id = ? order by saved_at, revision",
                        id,
                        state -> new KeptState(
                                state.getInt("revision"),
                                at(state, "saved_at"),
                                state.getString("saved_by"),
                                state.getString("name"),
                                tree(state, "document"))),
                all(
                        "select issued_at, issued_by, content::text as content from issued_handout"
                                + " where case_id = ? order by issued_at",
                        id,
                        issued -> new KeptHandout(
                                at(issued, "issued_at"), issued.getString("issued_by"), tree(issued, "content"))),
                all(
                        "select made_at, made_by, visits, content::text as content from client_link"
                                + " where case_id = ? order by made_at",
                        id,
                        page -> new KeptPage(
                                at(page, "made_at"),
                                page.getString("made_by"),
                                page.getInt("visits"),
                                tree(page, "content"))),
                all(
                        "select sent_at, words, changes::text as changes from client_note where case_id = ? order by sent_at",
                        id,
                        note -> new KeptNote(at(note, "sent_at"), note.getString("words"), tree(note, "changes"))));
    }

    /** Makes something of a row. */
    private interface FromRow<T> {
        T make(ResultSet row) throws SQLException;
    }

    private <T> List<T> all(String ofCase, UUID caseId, FromRow<T> make) {
        return database.sql(ofCase)
                .param(caseId)
                .query((row, number) -> make.make(row))
                .list();
    }

    private JsonNode tree(ResultSet row, String column) throws SQLException {
        return json.readTree(row.getString(column));
    }

    private static Instant at(ResultSet row, String column) throws SQLException {
        Timestamp moment = row.getTimestamp(column);
        return moment.toInstant();
    }
}
