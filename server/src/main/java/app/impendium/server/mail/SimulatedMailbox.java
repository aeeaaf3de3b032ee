package app.impendium.server.mail;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** A stand-in for a mail server: keeps for thirty days what would have been sent, for the practice's owners to see. */
@Component
public class SimulatedMailbox implements Mailer {
    private static final Duration KEPT = Duration.ofDays(30);
    private static final int MOST_SHOWN = 100;

    private final JdbcClient database;
    private final Clock clock;

    SimulatedMailbox(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    @Override
    @Transactional
    public void send(UUID practiceId, Mail mail) {
        database.sql(
                        "insert into sent_mail (id, practice_id, receiver, subject, words, sent_at) values (?, ?, ?, ?, ?, ?)")
                .params(
                        UUID.randomUUID(),
                        practiceId,
                        mail.to(),
                        mail.subject(),
                        mail.words(),
                        Timestamp.from(clock.instant()))
                .update();
        database.sql("delete from sent_mail where practice_id = ? and sent_at < ?")
                .params(practiceId, Timestamp.from(clock.instant().minus(KEPT)))
                .update();
    }

    /** A practice's mail, the latest first. */
    @Transactional(readOnly = true)
    public List<SentMail> of(UUID practiceId) {
        return database.sql("select receiver, subject, words, sent_at from sent_mail where practice_id = ?"
                        + " order by sent_at desc, id limit ?")
                .params(practiceId, MOST_SHOWN)
                .query((row, number) -> new SentMail(
                        row.getString("receiver"),
                        row.getString("subject"),
                        row.getString("words"),
                        row.getTimestamp("sent_at").toInstant()))
                .list();
    }
}
