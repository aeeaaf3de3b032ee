package app.impendium.server.jobs;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.exceptions.TaskInstanceCurrentlyExecutingException;
import com.github.kagkarlsson.scheduler.task.TaskInstanceId;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.scheduling.TaskScheduler;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/** Does jobs at their times. Of the instances of one database one takes each; when it is killed, another does after some minutes. */
@Component
class JobRunner implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(JobRunner.class);
    private static final int AT_ONCE = 3;
    private static final Duration LOOKS_EVERY = Duration.ofSeconds(5);
    private static final Duration HEART_BEAT = Duration.ofSeconds(20);
    private static final int MISSED_BEATS_OF_THE_DEAD = 6;
    private static final Duration LONGEST_UNTIL_NEXT_TRY = Duration.ofHours(1);
    private static final Duration ENDS_WITHIN = Duration.ofSeconds(10);

    private final Scheduler scheduler;
    private final List<Job> jobs;
    private final JobRuns runs;
    private final TaskScheduler aside;
    private final Clock clock;

    JobRunner(DataSource database, List<Job> jobs, JobRuns runs, TaskScheduler aside, Clock clock) {
        this.jobs = jobs;
        this.runs = runs;
        this.aside = aside;
        this.clock = clock;
        this.scheduler = Scheduler.create(database)
                .startTasks(jobs.stream().filter(Job::isOn).map(this::task).toList())
                .threads(AT_ONCE)
                .pollingInterval(LOOKS_EVERY)
                .heartbeatInterval(HEART_BEAT)
                .missedHeartbeatsLimit(MISSED_BEATS_OF_THE_DEAD)
                .shutdownMaxWait(ENDS_WITHIN)
                .build();
    }

    private RecurringTask<Void> task(Job job) {
        return Tasks.recurring(job.name().name(), job.schedule())
                .onFailure((failed, next) -> next.reschedule(
                        failed, clock.instant().plus(untilNextTry(failed.getExecution().consecutiveFailures))))
                .onDeadExecutionRevive()
                .execute((instance, context) -> runs.follow(job));
    }

    /** A minute, and twice as long after each failure. */
    private static Duration untilNextTry(int failuresBefore) {
        Duration doubled = Duration.ofMinutes(1L << Math.min(failuresBefore, 10));
        return doubled.compareTo(LONGEST_UNTIL_NEXT_TRY) < 0 ? doubled : LONGEST_UNTIL_NEXT_TRY;
    }

    @TransactionalEventListener(fallbackExecution = true)
    void hurry(JobWanted wanted) {
        // Aside, for the connection of what was just stored is not given back yet.
        aside.schedule(() -> hurry(wanted.name()), clock.instant());
    }

    private void hurry(JobName name) {
        try {
            scheduler.reschedule(TaskInstanceId.of(name.name(), RecurringTask.INSTANCE), clock.instant());
            scheduler.triggerCheckForDueExecutions();
        } catch (TaskInstanceCurrentlyExecutingException underWay) {
            LOG.debug("{} is being done, and has its next time", name);
        }
    }

    @Override
    public void start() {
        jobs.stream().filter(job -> !job.isOn()).map(Job::name).forEach(runs::forget);
        scheduler.start();
    }

    @Override
    public void stop() {
        scheduler.stop();
    }

    @Override
    public boolean isRunning() {
        return scheduler.getSchedulerState().isStarted()
                && !scheduler.getSchedulerState().isShuttingDown();
    }
}
