package app.impendium.server.presence;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Who has which cases open, over all instances. */
@Component
class Viewers {
    /** Who was not seen for as long is gone. */
    private static final Duration SEEN_FOR = Duration.ofSeconds(25);

    private final JdbcClient database;
    private final Clock clock;

    Viewers(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Somebody who has a case open in one window. */
    record Viewer(UUID id, UUID caseId, UUID advisorId) {}

    /** Somebody by name. */
    record Present(UUID advisorId, String name) {}

    /** Tells that these are there still. */
    void seen(Collection<Viewer> viewers) {
        Instant now = clock.instant();
        // A case that went in the meantime is looked at no more.
        database.sql("""
                        insert into case_viewer
                        select v.id, f.id, v.advisor_id, ? from unnest(?, ?, ?) v(id, case_id, advisor_id)
                        join case_file f on f.id = v.case_id
                        on conflict (id) do update set seen_at = excluded.seen_at""")
                .params(
                        Timestamp.from(now),
                        ids(viewers, Viewer::id),
                        ids(viewers, Viewer::caseId),
                        ids(viewers, Viewer::advisorId))
                .update();
        database.sql("delete from case_viewer where seen_at < ?")
                .param(Timestamp.from(now.minus(SEEN_FOR)))
                .update();
    }

    private static UUID[] ids(Collection<Viewer> viewers, Function<Viewer, UUID> id) {
        return viewers.stream().map(id).toArray(UUID[]::new);
    }

    /** Tells that somebody went. */
    void gone(UUID id) {
        database.sql("delete from case_viewer where id = ?").param(id).update();
    }

    /** The revision that each of these cases has now; none of one that is gone. */
    Map<UUID, Integer> revisions(Collection<UUID> cases) {
        Map<UUID, Integer> revisions = new HashMap<>();
        database.sql("select id, revision from case_file where id = any(?) and deleted_at is null")
                .param(cases.toArray(UUID[]::new))
                .query((row, number) -> revisions.put(row.getObject("id", UUID.class), row.getInt("revision")))
                .list();
        return revisions;
    }

    /** Who has each of these cases open, by name. */
    Map<UUID, List<Present>> present(Collection<UUID> cases) {
        Map<UUID, List<Present>> present = new HashMap<>();
        database.sql("""
                        select distinct v.case_id, v.advisor_id, a.name from case_viewer v
                        join advisor a on a.id = v.advisor_id
                        where v.case_id = any(?) and v.seen_at >= ? order by a.name""")
                .params(
                        cases.toArray(UUID[]::new),
                        Timestamp.from(clock.instant().minus(SEEN_FOR)))
                .query((row, number) -> present.computeIfAbsent(
                                row.getObject("case_id", UUID.class), id -> new ArrayList<>())
                        .add(new Present(row.getObject("advisor_id", UUID.class), row.getString("name"))))
                .list();
        return present;
    }
}
