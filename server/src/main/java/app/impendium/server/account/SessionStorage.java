package app.impendium.server.account;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.jdbc.config.annotation.web.http.EnableJdbcHttpSession;

/** Keeps sessions in the database, so that any instance knows who is signed in. They end after half a day unused, and after a day in any case. */
@Configuration
@EnableJdbcHttpSession(
        maxInactiveIntervalInSeconds = SessionStorage.HALF_A_DAY_SECONDS,
        cleanupCron = Scheduled.CRON_DISABLED)
class SessionStorage {
    static final int HALF_A_DAY_SECONDS = 12 * 60 * 60;

    @Bean
    @Primary
    ThrottledSessions calmSessions(JdbcIndexedSessionRepository stored, JdbcClient database, Clock clock) {
        return new ThrottledSessions(stored, database, clock);
    }
}
