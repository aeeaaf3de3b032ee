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

/**
 * Of the states older than thirty days, keeps the last of each day (in UTC) and lets the others go. The first of a case, those
 * with a name, and those that a hand-out or a client's page was made from are never let go.
 */
@Component
public class StateThinning implements Job {
    private static final Logger LOG = LoggerFactory.getLogger(StateThinning.class);
    private static final Duration ALL_KEPT_FOR = Duration.ofDays(30);

    private final JdbcClient database;
    private final Clock clock;

    StateThinning(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    @Override
    public JobName name() {
        return JobName.STATES;
    }

    @Override
    public Schedule schedule() {
        return Schedules.daily(LocalTime.of(3, 23));
    }

    @Override
    public void run() {
        int gone = database.sql("""
                        delete from case_state state using (
                            select id, row_number() over (
                                partition by case_id, date_trunc('day', saved_at at time zone 'UTC')
                                order by revision desc, gave_way) as nth
                            from case_state where saved_at < :before
                        ) of_day
                        where state.id = of_day.id and of_day.nth > 1 and state.revision > 0 and state.name is null
                            and not exists (select 1 from issued_handout issued
                                where issued.case_id = state.case_id and issued.case_revision = state.revision)
                            and not exists (select 1 from client_link link
                                where link.case_id = state.case_id and link.case_revision = state.revision)""")
                .param("before", Timestamp.from(clock.instant().minus(ALL_KEPT_FOR)))
                .update();
        if (gone > 0) {
            LOG.info("{} saved states older than {} days were let go", gone, ALL_KEPT_FOR.toDays());
        }
    }
}
