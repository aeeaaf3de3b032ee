package app.impendium.server.client;

import app.impendium.server.problem.RefusedException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Which cases are whose. What a case says of its clients is words on its documents; they belong to it here. A case that is
 * called for others belongs to those of that name, who are added where the practice has none.
 */
@Component
public class CaseClients {
    private final JdbcClient database;

    CaseClients(JdbcClient database) {
        this.database = database;
    }

    /** A client by name. */
    public record ClientName(UUID id, String name) {}

    /**
     * A client to whom several cases belong, or who is known already.
     *
     * @param cases how many of those that are begun
     * @param isKnown whether the practice had the client before
     */
    public record SharedClient(String name, int cases, boolean isKnown) {}

    /** Of cases that are called for these clients, those that belong to one together or to one who is known, by name. */
    public List<SharedClient> shared(UUID practiceId, List<String> clients) {
        return database.sql("""
                        select name, cases, is_known from (
                            select called.*, exists (
                                select 1 from client c
                                where c.practice_id = ? and c.plain_name = called.plain) as is_known
                            from (
                                select min(n.name) as name, count(*) as cases, plain_words(n.name) as plain
                                from unnest(?) n(name) where n.name <> '' group by plain_words(n.name)) called) told
                        where cases > 1 or is_known order by plain""")
                .params(practiceId, clients.toArray(String[]::new))
                .query(SharedClient.class)
                .list();
    }

    /** The clients of a case, by name. */
    public List<ClientName> of(UUID practiceId, UUID caseId) {
        return database.sql("""
                        select c.id, c.name from client c join case_client own on own.client_id = c.id
                        where c.practice_id = ? and own.case_id = ? order by c.plain_name, c.id""")
                .params(practiceId, caseId)
                .query(ClientName.class)
                .list();
    }

    /** Gives cases that are begun to the clients whose name they carry. */
    public void begin(Collection<UUID> cases, Instant now) {
        UUID[] begun = cases.toArray(UUID[]::new);
        database.sql("""
                        insert into client
                            (id, practice_id, revision, name, email, phone, address, notes, saved_at, saved_by)
                        select gen_random_uuid(), f.practice_id, 0, min(f.clients), '', '', '', '', ?, min(f.saved_by)
                        from case_file f where f.id = any(?) and f.clients <> '' and not exists (
                            select 1 from client c
                            where c.practice_id = f.practice_id and c.plain_name = plain_words(f.clients))
                        group by f.practice_id, plain_words(f.clients)""").params(Timestamp.from(now), begun).update();
        database.sql("""
                        insert into case_client
                        select f.id, (select c.id from client c
                            where c.practice_id = f.practice_id and c.plain_name = plain_words(f.clients)
                            order by c.saved_at, c.id limit 1)
                        from case_file f where f.id = any(?) and f.clients <> '' on conflict do nothing""").param(begun).update();
    }

    /**
     * Gives a case that was called for others to those it is called for now. Who is left without a case, and of whom nothing
     * but the name is known, was a name that was mistyped, and goes.
     */
    public void follow(UUID caseId, String before, Instant now) {
        UUID[] left = database.sql("""
                        delete from case_client own using client c
                        where own.case_id = ? and c.id = own.client_id and c.plain_name = plain_words(?)
                        returning own.client_id""")
                .params(caseId, before)
                .query(UUID.class)
                .list()
                .toArray(UUID[]::new);
        begin(List.of(caseId), now);
        database.sql("""
                        delete from client c where c.id = any(?)
                            and c.email = '' and c.phone = '' and c.address = '' and c.notes = ''
                            and not exists (select 1 from case_client own where own.client_id = c.id)""").param(left).update();
    }

    /**
     * Gives a case to a client of its practice as well.
     *
     * @throws RefusedException if the practice has no such client
     */
    public void add(UUID caseId, UUID clientId, UUID practiceId) {
        boolean isOurs = database.sql("select exists (select 1 from client where id = ? and practice_id = ?)")
                .params(clientId, practiceId)
                .query(Boolean.class)
                .single();
        if (!isOurs) {
            throw Clients.noSuchClient();
        }
        database.sql("insert into case_client values (?, ?) on conflict do nothing")
                .params(caseId, clientId)
                .update();
    }

    /** Takes a case from a client. */
    public void remove(UUID caseId, UUID clientId) {
        database.sql("delete from case_client where case_id = ? and client_id = ?")
                .params(caseId, clientId)
                .update();
    }

    /** Whether a client has cases, deleted ones that can still be had back among them. */
    boolean hasAny(UUID clientId) {
        return database.sql("select exists (select 1 from case_client where client_id = ?)")
                .param(clientId)
                .query(Boolean.class)
                .single();
    }

    /** Gives all cases of one client to another. */
    void move(UUID fromClient, UUID toClient) {
        database.sql(
                        "insert into case_client select case_id, ? from case_client where client_id = ? on conflict do nothing")
                .params(toClient, fromClient)
                .update();
    }
}
