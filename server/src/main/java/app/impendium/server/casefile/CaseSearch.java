package app.impendium.server.casefile;

import app.impendium.server.document.CurrencyCode;
import app.impendium.server.evaluation.LimitsMet;
import app.impendium.server.evaluation.LoanDay;
import app.impendium.server.search.SearchWords;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Finds a practice's cases by words in title or clients, in any order, with or without accents, and by how they stand. */
@Component
class CaseSearch {
    private static final int PART = 50;

    private static final String FROM = " from case_file c left join advisor a on a.id = c.advisor_id ";

    private final JdbcClient database;

    CaseSearch(JdbcClient database) {
        this.database = database;
    }

    /**
     * The cases that a filter leaves, from one of them on.
     *
     * @param today where the practice works
     * @param from how many are left out
     */
    CaseList find(UUID practiceId, CaseFilter filter, LocalDate today, int from) {
        Map<String, Object> given = new LinkedHashMap<>();
        given.put("practice", practiceId);
        given.put("today", today);
        String found = FROM + "where " + String.join(" and ", conditions(filter, today, given));
        long total = database.sql("select count(*)" + found)
                .params(given)
                .query(Long.class)
                .single();
        given.put("part", PART);
        given.put("from", from);
        List<CaseSummary> part = database.sql(
                        "select c.id, c.title, c.clients, c.currency, c.monthly_cost_cents, c.is_payment_only, c.payoff_date, c.saved_at, c.saved_by,"
                                + " c.limit_sets, c.limit_sets_met, c.deleted_at, a.id as advisor_id, a.name as advisor, "
                                + NextDay.KIND + " as kind, " + NextDay.DAY + " as day"
                                + found + " order by " + filter.sort().order() + " limit :part offset :from")
                .params(given)
                .query(CaseSearch::summary)
                .list();
        return new CaseList(total, part);
    }

    private static List<String> conditions(CaseFilter filter, LocalDate today, Map<String, Object> given) {
        List<String> conditions = new ArrayList<>();
        conditions.add("c.practice_id = :practice");
        conditions.add(onShelf(filter.shelf()));
        List<String> patterns = SearchWords.patterns(filter.search());
        for (int i = 0; i < patterns.size(); i++) {
            conditions.add("c.search_text like :word" + i + " escape '!'");
            given.put("word" + i, patterns.get(i));
        }
        Conditions asked = new Conditions(conditions, given);
        asked.add(
                "exists (select 1 from case_client o where o.case_id = c.id and o.client_id = :client)",
                "client",
                filter.client());
        asked.add("c.advisor_id = :advisor", "advisor", filter.advisor());
        asked.add(
                NextDay.KIND + " = :next",
                "next",
                filter.next() == null ? null : filter.next().name());
        asked.add(
                NextDay.DAY + " <= :until",
                "until",
                filter.nextWithinDays() == null ? null : today.plusDays(filter.nextWithinDays()));
        asked.add("c.monthly_cost_cents >= :least", "least", filter.paymentFromCents());
        asked.add("c.monthly_cost_cents <= :most", "most", filter.paymentToCents());
        if (filter.limits() != null) {
            conditions.add(filter.limits().condition());
        }
        return conditions;
    }

    /** What a filter asks for adds a condition; what it leaves out adds none. */
    private record Conditions(List<String> conditions, Map<String, Object> given) {
        void add(String condition, String name, Object value) {
            if (value != null) {
                conditions.add(condition);
                given.put(name, value);
            }
        }
    }

    private static String onShelf(Shelf shelf) {
        return switch (shelf) {
            case OPEN -> "c.deleted_at is null and c.archived_at is null and not c.is_template";
            case ARCHIVED -> "c.deleted_at is null and c.archived_at is not null and not c.is_template";
            case DELETED -> "c.deleted_at is not null";
            case TEMPLATES -> "c.deleted_at is null and c.is_template";
        };
    }

    private static CaseSummary summary(ResultSet row, int number) throws SQLException {
        String kind = row.getString("kind");
        int sets = row.getInt("limit_sets");
        Timestamp deletedAt = row.getTimestamp("deleted_at");
        UUID advisor = row.getObject("advisor_id", UUID.class);
        return new CaseSummary(
                row.getObject("id", UUID.class),
                row.getString("title"),
                row.getString("clients"),
                CurrencyCode.valueOf(row.getString("currency")),
                row.getLong("monthly_cost_cents"),
                row.getBoolean("is_payment_only"),
                row.getObject("payoff_date", LocalDate.class),
                row.getTimestamp("saved_at").toInstant(),
                row.getString("saved_by"),
                advisor == null ? null : new CaseSummary.CaseAdvisor(advisor, row.getString("advisor")),
                kind == null ? null : new LoanDay(LoanDay.Kind.valueOf(kind), row.getObject("day", LocalDate.class)),
                sets == 0 ? null : new LimitsMet(sets, row.getInt("limit_sets_met")),
                deletedAt == null ? null : goesAt(deletedAt.toInstant()));
    }

    private static Instant goesAt(Instant deletedAt) {
        return deletedAt.plus(DeletedCases.KEPT_FOR);
    }
}
