package app.impendium.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.RunningServer;
import io.micrometer.core.instrument.simple.SimpleMeterRegistry;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;

class DailyBackupTest {
    private static final JdbcClient DATABASE = RunningServer.bean(JdbcClient.class);

    @TempDir
    private Path folder;

    @BeforeEach
    void noneSoFar() {
        DATABASE.sql("delete from backup_run").update();
    }

    @Test
    void isMadeOnceFromTwoAtNightOn() throws IOException {
        String command = "echo made >> " + folder.resolve("runs");

        at("2026-11-24T01:59:00Z", command).makeUp();
        assertThat(runs()).as("the one of the day before").isEqualTo(1);
        at("2026-11-24T02:30:00Z", command).makeUp();
        at("2026-11-24T23:00:00Z", command).makeUp();
        at("2026-11-25T01:00:00Z", command).makeUp();
        assertThat(runs()).isEqualTo(2);
        at("2026-11-25T09:00:00Z", command).makeUp();
        assertThat(runs()).as("made up by day").isEqualTo(3);
        assertThat(at("2026-11-25T10:00:00Z", command).state())
                .isEqualTo(new BackupView(true, Instant.parse("2026-11-25T09:00:00Z"), null));
    }

    @Test
    void isTriedAgainUntilItSucceedsAndTellsWhyItDidNot() throws IOException {
        at("2026-11-24T03:00:00Z", "true").makeUp();
        String fails = "echo tried >> " + folder.resolve("runs") + "; echo 'The disk is full.'; exit 1";
        at("2026-11-25T03:00:00Z", fails).makeUp();
        at("2026-11-25T04:00:00Z", fails).makeUp();

        assertThat(runs()).isEqualTo(2);
        assertThat(at("2026-11-25T05:00:00Z", fails).state())
                .isEqualTo(new BackupView(true, Instant.parse("2026-11-24T03:00:00Z"), "The disk is full."));
    }

    @Test
    void isOffWithoutACommand() {
        DailyBackup off = at("2026-11-25T03:00:00Z", " ");
        off.makeUp();

        assertThat(off.state()).isEqualTo(new BackupView(false, null, null));
    }

    private long runs() throws IOException {
        try (var lines = Files.lines(folder.resolve("runs"))) {
            return lines.count();
        }
    }

    private static DailyBackup at(String moment, String command) {
        return new DailyBackup(
                DATABASE,
                RunningServer.bean(TransactionTemplate.class),
                Clock.fixed(Instant.parse(moment), ZoneOffset.UTC),
                command,
                new SimpleMeterRegistry());
    }
}
