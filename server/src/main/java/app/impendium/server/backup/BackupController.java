package app.impendium.server.backup;

import app.impendium.server.account.OwnersOnly;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Tells owners whether what they work on is safe. */
@RestController
class BackupController {
    private final DailyBackup backup;

    BackupController(DailyBackup backup) {
        this.backup = backup;
    }

    @OwnersOnly
    @GetMapping("/api/backups")
    BackupView backups() {
        return backup.state();
    }
}
