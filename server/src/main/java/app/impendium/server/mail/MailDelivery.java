package app.impendium.server.mail;

import app.impendium.server.jobs.Job;
import app.impendium.server.jobs.JobName;
import com.github.kagkarlsson.scheduler.task.schedule.Schedule;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mail.MailException;
import org.springframework.stereotype.Component;

/** Gives what waits to the mail server. What it does not take for three days is given up: the links in it are good for as long. */
@Component
class MailDelivery implements Job {
    private static final Duration TRIED_FOR = Duration.ofDays(3);
    private static final int AT_ONCE = 100;

    private final JdbcClient database;
    private final MailServer server;
    private final Clock clock;

    MailDelivery(JdbcClient database, MailServer server, Clock clock) {
        this.database = database;
        this.server = server;
        this.clock = clock;
    }

    @Override
    public JobName name() {
        return JobName.MAIL;
    }

    @Override
    public boolean isOn() {
        return server.isThere();
    }

    @Override
    public Schedule schedule() {
        return Schedules.fixedDelay(Duration.ofMinutes(1));
    }

    /** @throws IllegalStateException if the server did not take one of them; the others are sent all the same */
    @Override
    public void run() {
        database.sql("update sent_mail set words = null where words is not null and sent_at < ?")
                .param(Timestamp.from(clock.instant().minus(TRIED_FOR)))
                .update();
        MailException refusal = null;
        for (Waiting each : waiting()) {
            try {
                server.take(new Mail(each.receiver(), each.subject(), each.words()));
                database.sql("update sent_mail set words = null, delivered_at = ? where id = ?")
                        .params(Timestamp.from(clock.instant()), each.id())
                        .update();
            } catch (MailException refused) {
                refusal = refused;
            }
        }
        if (refusal != null) {
            throw new IllegalStateException("The mail server did not take all mail", refusal);
        }
    }

    private record Waiting(UUID id, String receiver, String subject, String words) {}

    private List<Waiting> waiting() {
        return database.sql("select id, receiver, subject, words from sent_mail where words is not null"
                        + " order by sent_at limit ?")
                .param(AT_ONCE)
                .query(Waiting.class)
                .list();
    }
}
