package app.impendium.server.client;

import app.impendium.server.client.ClientList.ClientLine;
import app.impendium.server.search.SearchWords;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Finds clients by name, email, address or phone, and those that may be one and the same. */
@Component
class ClientSearch {
    private static final int PART = 50;
    private static final int MOST_DOUBLES = 100;
    /** What can only be a phone number, however it is grouped. */
    private static final Pattern PHONE = Pattern.compile("(?=(?:\\D*\\d){5})[\\d\\s()+./-]+");

    private static final String LINE = """
            select c.id, c.name, c.email, c.phone, c.address, (
                select count(*) from case_client own join case_file f on f.id = own.case_id
                where own.client_id = c.id and f.deleted_at is null) as cases
            from client c""";

    private final JdbcClient database;

    ClientSearch(JdbcClient database) {
        this.database = database;
    }

    /**
     * The clients with each of these words, from one of them on.
     *
     * @param from how many are left out, by name
     */
    ClientList find(UUID practiceId, String typed, int from) {
        String words = PHONE.matcher(typed.strip()).matches() ? typed.replaceAll("\\D", "") : typed;
        String[] patterns = SearchWords.patterns(words).toArray(String[]::new);
        String where = " where c.practice_id = ? and not exists (select 1 from unnest(?) pattern"
                + " where c.search_text not like pattern escape '!')";
        long total = database.sql("select count(*) from client c" + where)
                .params(practiceId, patterns)
                .query(Long.class)
                .single();
        List<ClientLine> part = database.sql(LINE + where + " order by c.plain_name, c.id limit ? offset ?")
                .params(practiceId, patterns, PART, from)
                .query(ClientLine.class)
                .list();
        return new ClientList(total, part);
    }

    /** The client of a name, however it is written; of several the one who was saved first. */
    Optional<UUID> named(UUID practiceId, String name) {
        return database.sql("""
                        select id from client where practice_id = ? and plain_name = plain_words(?)
                        order by saved_at, id limit 1""").params(practiceId, name).query(UUID.class).optional();
    }

    /** Clients of whom another has the same name, email or phone, those alike beside one another. */
    List<ClientLine> doubles(UUID practiceId) {
        return database.sql(LINE + """
                 where c.practice_id = :practice and exists (
                    select 1 from client o where o.practice_id = c.practice_id and o.id <> c.id and (
                        o.plain_name = c.plain_name
                        or (c.email <> '' and lower(o.email) = lower(c.email))
                        or (length(c.digits) >= 5 and o.digits = c.digits)))
                order by c.plain_name, c.id limit :most""")
                .param("practice", practiceId)
                .param("most", MOST_DOUBLES)
                .query(ClientLine.class)
                .list();
    }
}
