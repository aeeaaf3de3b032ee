package app.impendium.server.jobs;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** What came of each job when it was done last. */
@Component
public class JobRuns {
    private final JdbcClient database;
    private final Clock clock;

    JobRuns(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Does a job, and notes what comes of it. */
    void follow(Job job) {
        Instant began = clock.instant();
        try {
            job.run();
        } catch (RuntimeException failure) {
            note(job.name(), began, failure.toString());
            throw failure;
        }
        note(job.name(), began, null);
    }

    /** Lets go of the time of a job that is off now. */
    void forget(JobName name) {
        database.sql("delete from scheduled_tasks where task_name = ?")
                .param(name.name())
                .update();
    }

    private void note(JobName name, Instant began, String failure) {
        database.sql("""
                        insert into job_run (name, began_at, took_ms, failure) values (?, ?, ?, ?)
                        on conflict (name) do update
                        set began_at = excluded.began_at, took_ms = excluded.took_ms, failure = excluded.failure""")
                .params(
                        name.name(),
                        Timestamp.from(began),
                        Duration.between(began, clock.instant()).toMillis(),
                        failure)
                .update();
    }

    /** All jobs that have their time, and what came of them. */
    public List<JobView> all() {
        return database.sql("""
                        select t.task_name as name, t.execution_time as next_at, r.began_at, r.took_ms, r.failure
                        from scheduled_tasks t left join job_run r on r.name = t.task_name order by t.task_name""").query(JobRuns::view).list();
    }

    private static JobView view(ResultSet row, int number) throws SQLException {
        return new JobView(
                JobName.valueOf(row.getString("name")),
                instant(row, "next_at").orElseThrow(),
                instant(row, "began_at").orElse(null),
                row.getObject("took_ms", Long.class),
                row.getString("failure") != null);
    }

    private static Optional<Instant> instant(ResultSet row, String column) throws SQLException {
        return Optional.ofNullable(row.getTimestamp(column)).map(Timestamp::toInstant);
    }
}
