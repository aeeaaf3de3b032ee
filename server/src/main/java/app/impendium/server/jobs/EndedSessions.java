package app.impendium.server.jobs;

import com.github.kagkarlsson.scheduler.task.schedule.Schedule;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.time.Duration;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.stereotype.Component;

/** Lets sessions go that ended by themselves: nobody is signed in by them any more. */
@Component
class EndedSessions implements Job {
    private final JdbcIndexedSessionRepository sessions;

    EndedSessions(JdbcIndexedSessionRepository sessions) {
        this.sessions = sessions;
    }

    @Override
    public JobName name() {
        return JobName.SESSIONS;
    }

    @Override
    public Schedule schedule() {
        return Schedules.fixedDelay(Duration.ofMinutes(10));
    }

    @Override
    public void run() {
        sessions.cleanUpExpiredSessions();
    }
}
