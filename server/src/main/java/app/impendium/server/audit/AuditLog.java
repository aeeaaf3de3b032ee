package app.impendium.server.audit;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.jobs.Job;
import app.impendium.server.jobs.JobName;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import com.github.kagkarlsson.scheduler.task.schedule.Schedule;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Keeps who did what, for two years. */
@Component
public class AuditLog implements Job {
    /** What somebody does again within this time is counted, not told again: each pause in typing saves a case. */
    private static final Duration SAME = Duration.ofMinutes(15);

    private static final int KEPT_DAYS = 730;

    private final JdbcClient database;
    private final Clock clock;

    AuditLog(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * Keeps what somebody did.
     *
     * @param subject the id of what it was done to; null where the kind says it all
     * @param note what else is to be known, without anything personal; empty for nothing
     */
    @Transactional
    public void record(SignedInAdvisor who, Action action, Kind kind, UUID subject, String note) {
        Instant now = clock.instant();
        int again = database.sql("""
                        update audit_entry set last_at = :now, times = times + :more where id = (
                            select id from audit_entry where practice_id = :practice and advisor_id = :advisor
                                and action = :action and last_at > :recently and kind = :kind
                                and subject_id is not distinct from :subject and note = :note
                            order by last_at desc limit 1)""")
                .param("now", Timestamp.from(now))
                // A page that stays open asks again by itself: that is one reading, however long.
                .param("more", action == Action.READ ? 0 : 1)
                .param("recently", Timestamp.from(now.minus(SAME)))
                .param("practice", who.practiceId())
                .param("advisor", who.id())
                .param("action", action.name())
                .param("kind", kind.name())
                .param("subject", subject)
                .param("note", note)
                .update();
        if (again == 0) {
            database.sql("insert into audit_entry values (?, ?, ?, ?, 1, ?, ?, ?, ?, ?)")
                    .params(
                            UUID.randomUUID(),
                            who.practiceId(),
                            Timestamp.from(now),
                            Timestamp.from(now),
                            who.id(),
                            action.name(),
                            kind.name(),
                            subject,
                            note)
                    .update();
        }
    }

    @Override
    public JobName name() {
        return JobName.LOG;
    }

    @Override
    public Schedule schedule() {
        return Schedules.daily(LocalTime.of(4, 3));
    }

    @Override
    public void run() {
        database.sql("delete from audit_entry where last_at < ?")
                .param(Timestamp.from(clock.instant().minus(Duration.ofDays(KEPT_DAYS))))
                .update();
    }
}
