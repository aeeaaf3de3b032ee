package app.impendium.server.practicedata;

import app.impendium.server.jobs.Job;
import app.impendium.server.jobs.JobName;
import com.github.kagkarlsson.scheduler.task.schedule.Schedule;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.LocalTime;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Lets what practices deleted go for good after thirty days, with its states. */
@Component
class DeletedItems implements Job {
    private static final Logger LOG = LoggerFactory.getLogger(DeletedItems.class);

    private final JdbcClient database;
    private final Clock clock;

    DeletedItems(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    @Override
    public JobName name() {
        return JobName.DELETED_ITEMS;
    }

    @Override
    public Schedule schedule() {
        return Schedules.daily(LocalTime.of(3, 53));
    }

    @Override
    public void run() {
        Timestamp before = Timestamp.from(clock.instant().minus(PracticeItemRow.KEPT_FOR));
        int gone = database.sql("""
                        with gone as (delete from practice_item where deleted_at < ? returning id),
                            states as (delete from practice_item_state where item_id in (select id from gone))
                        select count(*) from gone""").param(before).query(Integer.class).single();
        if (gone > 0) {
            LOG.info(
                    "{} items that practices deleted {} days ago went for good",
                    gone,
                    PracticeItemRow.KEPT_FOR.toDays());
        }
    }
}
