package app.impendium.server.mail;

import app.impendium.server.jobs.JobName;
import app.impendium.server.jobs.JobWanted;
import app.impendium.server.mail.SentMail.State;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Sends mail for practices, and keeps for thirty days to whom and what about. What it says is kept until it is sent, and no longer: it
 * may open an account. Without a mail server it is kept in the demo alone, where a simulated mail box shows it.
 */
@Component
public class Outbox {
    private static final Duration KEPT = Duration.ofDays(30);
    private static final int MOST_SHOWN = 100;

    private final JdbcClient database;
    private final MailServer server;
    private final boolean isDemo;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Outbox(
            JdbcClient database,
            MailServer server,
            @Value("${impendium.demo}") boolean isDemo,
            ApplicationEventPublisher events,
            Clock clock) {
        this.database = database;
        this.server = server;
        this.isDemo = isDemo;
        this.events = events;
        this.clock = clock;
    }

    /** How a mail reaches whom it is for. */
    public enum Way {
        /** A mail server takes it there. */
        SENT,
        /** A simulated mail box shows it to the owners, since all of this is made up. */
        SHOWN,
        /** It does not. */
        NONE
    }

    public Way way() {
        return server.isThere() ? Way.SENT : isDemo ? Way.SHOWN : Way.NONE;
    }

    /** Has a mail sent once what the transaction under way changes is stored. */
    @Transactional
    public void send(UUID practiceId, Mail mail) {
        database.sql(
                        "insert into sent_mail (id, practice_id, receiver, subject, words, sent_at) values (?, ?, ?, ?, ?, ?)")
                .params(
                        UUID.randomUUID(),
                        practiceId,
                        mail.to(),
                        mail.subject(),
                        way() == Way.NONE ? null : mail.words(),
                        Timestamp.from(clock.instant()))
                .update();
        database.sql("delete from sent_mail where practice_id = ? and sent_at < ?")
                .params(practiceId, Timestamp.from(clock.instant().minus(KEPT)))
                .update();
        if (way() == Way.SENT) {
            events.publishEvent(new JobWanted(JobName.MAIL));
        }
    }

    /** A practice's mail, the latest first. */
    @Transactional(readOnly = true)
    public List<SentMail> of(UUID practiceId) {
        return database.sql(
                        "select receiver, subject, words, sent_at, delivered_at from sent_mail where practice_id = ?"
                                + " order by sent_at desc, id limit ?")
                .params(practiceId, MOST_SHOWN)
                .query((row, number) -> mail(row))
                .list();
    }

    private SentMail mail(ResultSet row) throws SQLException {
        String words = row.getString("words");
        State state = row.getTimestamp("delivered_at") != null
                ? State.SENT
                : words == null ? State.NOT_SENT : way() == Way.SENT ? State.WAITING : State.SIMULATED;
        return new SentMail(
                row.getString("receiver"),
                row.getString("subject"),
                state == State.SIMULATED ? words : null,
                row.getTimestamp("sent_at").toInstant(),
                state);
    }
}
