package app.impendium.server.backup;

import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Has a backup made each night by a command of whoever runs the application; without one, none is made. A machine that is off at
 * night makes it up when it is on.
 */
@Component
class DailyBackup {
    private static final Logger LOG = LoggerFactory.getLogger(DailyBackup.class);
    private static final LocalTime FROM = LocalTime.of(2, 0);
    private static final int MOST_SAID_CHARACTERS = 500;
    /** Any number that nothing else locks by. */
    private static final long LOCK = 4_170_226_001L;

    private final JdbcClient database;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final String command;

    DailyBackup(
            JdbcClient database,
            TransactionTemplate transaction,
            Clock clock,
            @Value("${impendium.backup-command}") String command,
            MeterRegistry metrics) {
        this.database = database;
        this.transaction = transaction;
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

    /** Looks each hour whether the backup of the day is still to be made; of several instances one makes it. */
    @Scheduled(initialDelayString = "PT5M", fixedDelayString = "PT1H")
    void makeUp() {
        if (!command.isBlank()) {
            transaction.executeWithoutResult(status -> {
                boolean isOurs = database.sql("select pg_try_advisory_xact_lock(?)")
                        .param(LOCK)
                        .query(Boolean.class)
                        .single();
                if (isOurs && lastSuccess().filter(at -> !at.isBefore(due())).isEmpty()) {
                    run();
                }
            });
        }
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
        return new BackupView(!command.isBlank(), last.orElse(null), problem);
    }

    /** The last moment from which on there should have been one. */
    private Instant due() {
        ZonedDateTime now = ZonedDateTime.now(clock);
        ZonedDateTime today = now.with(FROM);
        return (now.isBefore(today) ? today.minusDays(1) : today).toInstant();
    }

    private Optional<Instant> lastSuccess() {
        return database.sql("select finished_at from backup_run where succeeded order by finished_at desc limit 1")
                .query(Timestamp.class)
                .optional()
                .map(Timestamp::toInstant);
    }

    private void run() {
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
            // The application ends: the next start makes it up.
            Thread.currentThread().interrupt();
            return;
        }
        if (!succeeded) {
            LOG.error("The backup of the day failed: {}", said);
        }
        database.sql("insert into backup_run (finished_at, succeeded, said) values (?, ?, ?)")
                .params(
                        Timestamp.from(clock.instant()),
                        succeeded,
                        said.substring(Math.max(0, said.length() - MOST_SAID_CHARACTERS)))
                .update();
    }
}
