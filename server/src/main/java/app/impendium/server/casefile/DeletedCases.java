package app.impendium.server.casefile;

import app.impendium.server.jobs.Job;
import app.impendium.server.jobs.JobName;
import com.github.kagkarlsson.scheduler.task.schedule.Schedule;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalTime;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Lets deleted cases go for good after thirty days, with their states, what was handed out and their clients' pages. */
@Component
class DeletedCases implements Job {
    /** How long a deleted case can be had back. */
    static final Duration KEPT_FOR = Duration.ofDays(30);

    private static final Logger LOG = LoggerFactory.getLogger(DeletedCases.class);

    private final JdbcClient database;
    private final Clock clock;

    DeletedCases(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    @Override
    public JobName name() {
        return JobName.DELETED_CASES;
    }

    @Override
    public Schedule schedule() {
        return Schedules.daily(LocalTime.of(3, 43));
    }

    @Override
    public void run() {
        int gone = database.sql("delete from case_file where deleted_at < ?")
                .param(Timestamp.from(clock.instant().minus(KEPT_FOR)))
                .update();
        if (gone > 0) {
            LOG.info("{} cases that were deleted {} days ago went for good", gone, KEPT_FOR.toDays());
        }
    }
}
