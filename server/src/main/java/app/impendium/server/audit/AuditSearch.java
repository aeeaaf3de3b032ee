package app.impendium.server.audit;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.audit.AuditView.Entry;
import app.impendium.server.practice.PracticeSettings;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Finds entries of a practice's log. What they were done to is called as it is today. */
@Component
public class AuditSearch {
    private static final String ENTRIES = """
            select e.first_at, e.last_at, e.times, a.name as who, e.action, e.kind, e.subject_id, e.note, case e.kind
                when 'CASE' then (select title from case_file f where f.id = e.subject_id and f.practice_id = e.practice_id)
                when 'CLIENT' then (select name from client c where c.id = e.subject_id and c.practice_id = e.practice_id)
                when 'PERSON' then (select name from advisor p where p.id = e.subject_id and p.practice_id = e.practice_id)
                when 'HAND_OUT' then (select f.title from issued_handout h join case_file f on f.id = h.case_id
                    where h.id = e.subject_id and h.practice_id = e.practice_id)
                when 'CLIENT_PAGE' then (select f.title from client_link l join case_file f on f.id = l.case_id
                    where l.id = e.subject_id and l.practice_id = e.practice_id)
                when 'RATES' then (select name from practice_item i where i.id = e.subject_id and i.practice_id = e.practice_id)
                when 'RULE' then (select name from practice_item i where i.id = e.subject_id and i.practice_id = e.practice_id)
                when 'HAND_OUT_TEMPLATE' then (select name from practice_item i
                    where i.id = e.subject_id and i.practice_id = e.practice_id)
                end as subject
            from audit_entry e join advisor a on a.id = e.advisor_id""";

    private final JdbcClient database;
    private final PracticeSettings settings;

    AuditSearch(JdbcClient database, PracticeSettings settings) {
        this.database = database;
        this.settings = settings;
    }

    /** Entries that a filter leaves, the latest first. */
    AuditView find(SignedInAdvisor asking, AuditFilter filter, int from, int most) {
        Map<String, Object> given = new HashMap<>();
        String where = where(asking, filter, given);
        long total = database.sql("select count(*) from audit_entry e" + where)
                .params(given)
                .query(Long.class)
                .single();
        given.put("from", from);
        given.put("most", most);
        return new AuditView(
                total,
                database.sql(ENTRIES + where + " order by e.last_at desc, e.id limit :most offset :from")
                        .params(given)
                        .query(AuditSearch::entry)
                        .list());
    }

    private String where(SignedInAdvisor asking, AuditFilter filter, Map<String, Object> given) {
        ZoneId zone = settings.timeZone(asking);
        List<String> conditions = new ArrayList<>(List.of("e.practice_id = :practice"));
        given.put("practice", asking.practiceId());
        add(conditions, given, "e.advisor_id = :advisor", "advisor", filter.advisor());
        add(conditions, given, "e.action = :action", "action", nameOf(filter.action()));
        add(conditions, given, "e.kind = :kind", "kind", nameOf(filter.kind()));
        add(conditions, given, "e.subject_id = :subject", "subject", filter.subject());
        add(conditions, given, "e.last_at >= :since", "since", startOf(filter.since(), zone));
        LocalDate after = filter.until() == null ? null : filter.until().plusDays(1);
        add(conditions, given, "e.first_at < :after", "after", startOf(after, zone));
        return " where " + String.join(" and ", conditions);
    }

    private static void add(
            List<String> conditions, Map<String, Object> given, String condition, String name, Object value) {
        if (value != null) {
            conditions.add(condition);
            given.put(name, value);
        }
    }

    private static String nameOf(Enum<?> value) {
        return value == null ? null : value.name();
    }

    private static Timestamp startOf(LocalDate day, ZoneId zone) {
        return day == null ? null : Timestamp.from(day.atStartOfDay(zone).toInstant());
    }

    private static Entry entry(ResultSet row, int number) throws SQLException {
        return new Entry(
                row.getTimestamp("first_at").toInstant(),
                row.getTimestamp("last_at").toInstant(),
                row.getInt("times"),
                row.getString("who"),
                Action.valueOf(row.getString("action")),
                Kind.valueOf(row.getString("kind")),
                row.getObject("subject_id", UUID.class),
                row.getString("subject"),
                row.getString("note"));
    }
}
