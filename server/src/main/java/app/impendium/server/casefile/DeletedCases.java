package app.impendium.server.casefile;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Lets deleted cases go for good after thirty days, with their states, what was handed out and their clients' pages. */
@Component
class DeletedCases {
    /** How long a deleted case can be had back. */
    static final Duration KEPT_FOR = Duration.ofDays(30);

    private static final Logger LOG = LoggerFactory.getLogger(DeletedCases.class);

    private final JdbcClient database;
    private final Clock clock;

    DeletedCases(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Runs each night; where several instances do at once, the second finds nothing left to do. */
    @Scheduled(cron = "0 43 3 * * *")
    void letGo() {
        int gone = database.sql("delete from case_file where deleted_at < ?")
                .param(Timestamp.from(clock.instant().minus(KEPT_FOR)))
                .update();
        if (gone > 0) {
            LOG.info("{} cases that were deleted {} days ago went for good", gone, KEPT_FOR.toDays());
        }
    }
}
