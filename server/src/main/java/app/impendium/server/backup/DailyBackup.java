package app.impendium.server.backup;

import app.impendium.server.jobs.Job;
import app.impendium.server.jobs.JobName;
import com.github.kagkarlsson.scheduler.task.schedule.Schedule;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Has a backup made each night by a command of whoever runs the application; without one, none is made. A machine that is off at
 * night makes it up when it is on: a job whose time is past is done at once.
 */
@Component
class DailyBackup implements Job {
    private static final LocalTime AT = LocalTime.of(2, 0);
    private static final int MOST_SAID_CHARACTERS = 500;

    private final JdbcClient database;
    private final Clock clock;
    private final String command;

    DailyBackup(
            JdbcClient database,
            Clock clock,
            @Value("${impendium.backup-command}") String command,
            MeterRegistry metrics) {
        this.database = database;
        this.clock = clock;
        this.command = command;
        Gauge.builder("impendium.backup.age", this, DailyBackup::secondsSinceSuccess)
                .description("Since the last backup that succeeded; none without one")
                .baseUnit("seconds")
                .register(metrics);
    }

    private double secondsSinceSuccess() {
        return lastSuccess()
                .map(at -> (double) Duration.between(at, clock.instant()).toSeconds())
                .orElse(Double.NaN);
    }

    @Override
    public JobName name() {
        return JobName.BACKUP;
    }

    @Override
    public boolean isOn() {
        return !command.isBlank();
    }

    @Override
    public Schedule schedule() {
        return Schedules.daily(AT);
    }

    /** What came of them so far. */
    BackupView state() {
        Optional<Instant> last = lastSuccess();
        String problem = database.sql("select said from backup_run where not succeeded and finished_at > ?"
                        + " order by finished_at desc limit 1")
                .param(Timestamp.from(last.orElse(Instant.EPOCH)))
                .query(String.class)
                .optional()
                .orElse(null);
        return new BackupView(isOn(), last.orElse(null), problem);
    }

    private Optional<Instant> lastSuccess() {
        return database.sql("select finished_at from backup_run where succeeded order by finished_at desc limit 1")
                .query(Timestamp.class)
                .optional()
                .map(Timestamp::toInstant);
    }

    /** @throws IllegalStateException if the command fails */
    @Override
    public void run() {
        boolean succeeded = false;
        String said;
        try {
            Process process = new ProcessBuilder("sh", "-c", command)
                    .redirectErrorStream(true)
                    .start();
            process.getOutputStream().close();
            said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
            succeeded = process.waitFor() == 0;
        } catch (IOException e) {
            said = "The command cannot be run.";
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("The application ended during the backup: the next start makes it up.", e);
        }
        database.sql("insert into backup_run (finished_at, succeeded, said) values (?, ?, ?)")
                .params(
                        Timestamp.from(clock.instant()),
                        succeeded,
                        said.substring(Math.max(0, said.length() - MOST_SAID_CHARACTERS)))
                .update();
        if (!succeeded) {
            throw new IllegalStateException("The backup of the day failed: " + said);
        }
    }
}
