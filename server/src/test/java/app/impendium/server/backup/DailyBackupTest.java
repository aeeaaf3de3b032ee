package app.impendium.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.server.RunningServer;
import io.micrometer.core.instrument.simple.SimpleMeterRegistry;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.simple.JdbcClient;

class DailyBackupTest {
    private static final JdbcClient DATABASE = RunningServer.bean(JdbcClient.class);

    @TempDir
    private Path folder;

    @BeforeEach
    void noneSoFar() {
        DATABASE.sql("delete from backup_run").update();
    }

    @Test
    void isMadeEachNight() throws IOException {
        DailyBackup backup = at("2026-11-24T02:00:30Z", "echo made >> " + folder.resolve("runs"));
        backup.run();

        assertThat(runs()).isEqualTo(1);
        assertThat(backup.state()).isEqualTo(new BackupView(true, Instant.parse("2026-11-24T02:00:30Z"), null));
        assertThat(backup.schedule()
                        .getInitialExecutionTime(Instant.now())
                        .atZone(ZoneId.systemDefault())
                        .toLocalTime())
                .isEqualTo(LocalTime.of(2, 0));
    }

    @Test
    void tellsWhyItFailedSoThatItIsTriedAgain() {
        at("2026-11-24T02:00:00Z", "true").run();
        DailyBackup failing = at("2026-11-25T02:00:00Z", "echo 'The disk is full.'; exit 1");

        assertThatThrownBy(failing::run).hasMessage("The backup of the day failed: The disk is full.");
        assertThat(failing.state())
                .isEqualTo(new BackupView(true, Instant.parse("2026-11-24T02:00:00Z"), "The disk is full."));
    }

    @Test
    void isOffWithoutACommand() {
        DailyBackup off = at("2026-11-25T03:00:00Z", " ");
        assertThat(off.isOn()).isFalse();

        assertThat(off.state()).isEqualTo(new BackupView(false, null, null));
    }

    private long runs() throws IOException {
        try (var lines = Files.lines(folder.resolve("runs"))) {
            return lines.count();
        }
    }

    private static DailyBackup at(String moment, String command) {
        return new DailyBackup(
                DATABASE, Clock.fixed(Instant.parse(moment), ZoneOffset.UTC), command, new SimpleMeterRegistry());
    }
}
