package app.impendium.server.people;

import app.impendium.server.account.Advisors;
import app.impendium.server.account.OpenSessions;
import app.impendium.server.account.PasswordRules;
import app.impendium.server.account.Person;
import app.impendium.server.problem.RefusedException;
import java.security.SecureRandom;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lets people choose their passwords by links that are good for once and for three days. A new link ends the one before. */
@Service
class PasswordLinks {
    private static final Duration LASTS = Duration.ofDays(3);
    private static final int KEY_BYTES = 32;
    private static final SecureRandom RANDOM = new SecureRandom();

    private final JdbcClient database;
    private final Advisors advisors;
    private final PasswordRules rules;
    private final OpenSessions sessions;
    private final Clock clock;

    PasswordLinks(JdbcClient database, Advisors advisors, PasswordRules rules, OpenSessions sessions, Clock clock) {
        this.database = database;
        this.advisors = advisors;
        this.rules = rules;
        this.sessions = sessions;
        this.clock = clock;
    }

    /** A new link for somebody. */
    @Transactional
    PasswordLink issue(UUID practiceId, UUID personId) {
        byte[] bytes = new byte[KEY_BYTES];
        RANDOM.nextBytes(bytes);
        String key = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        Instant endsAt = clock.instant().plus(LASTS).truncatedTo(ChronoUnit.SECONDS);
        database.sql("insert into password_link (advisor_id, practice_id, key_hash, ends_at) values (?, ?, ?, ?)"
                        + " on conflict (advisor_id) do update"
                        + " set key_hash = excluded.key_hash, ends_at = excluded.ends_at")
                .params(personId, practiceId, DigestUtils.sha256(key), Timestamp.from(endsAt))
                .update();
        return new PasswordLink(key, endsAt);
    }

    /** Ends somebody's link, if there is one. */
    @Transactional
    void end(UUID personId) {
        database.sql("delete from password_link where advisor_id = ?")
                .param(personId)
                .update();
    }

    /** Whom a link is for. */
    record Receiver(UUID practiceId, Person person) {}

    /**
     * Whom a link is for.
     *
     * @param key as it was sent
     * @throws RefusedException if it opens nothing, or no more
     */
    @Transactional(readOnly = true)
    Receiver receiver(String key) {
        return receiver("select practice_id, advisor_id from password_link where key_hash = ? and ends_at > ?", key);
    }

    private Receiver receiver(String sql, String key) {
        return database.sql(sql)
                .params(DigestUtils.sha256(key == null ? "" : key), Timestamp.from(clock.instant()))
                .query((row, number) -> receiver(row.getObject(1, UUID.class), row.getObject(2, UUID.class)))
                .optional()
                .orElseThrow(() -> new RefusedException(
                        HttpStatus.GONE,
                        "This link is good no more",
                        "This link was used, has ended, or was not copied whole."
                                + " Ask an owner of your practice for a new one."));
    }

    private Receiver receiver(UUID practiceId, UUID personId) {
        return new Receiver(practiceId, advisors.find(practiceId, personId));
    }

    /**
     * Uses a link up: sets the password, and signs its owner out wherever they are.
     *
     * @throws RefusedException if the link opens nothing, or the password may not be chosen; the link is good still then
     */
    @Transactional
    void choose(String key, String password) {
        // Taken away first: of several who use it at once the others wait here, and then find none.
        Receiver receiver = receiver(
                "delete from password_link where key_hash = ? and ends_at > ? returning practice_id, advisor_id", key);
        Person person = receiver.person();
        rules.check("/password", password, List.of(person.name(), person.email()));
        advisors.takePassword(receiver.practiceId(), person.id(), password);
        sessions.endAll(person.email());
    }
}
