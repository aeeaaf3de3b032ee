package app.impendium.server.account;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.convert.ConversionException;
import org.springframework.core.serializer.support.SerializationFailedException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.session.MapSession;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;

/**
 * Sessions in the database that end after a day however much they are used, and note their use once a minute. An advisor who types asks
 * for figures at each key press, and each of those requests would otherwise ask the database and write to it: what a session holds is
 * remembered for some seconds.
 */
class ThrottledSessions implements SessionRepository<ThrottledSession> {
    private static final Logger LOG = LoggerFactory.getLogger(ThrottledSessions.class);
    private static final Duration LONGEST_LIFE = Duration.ofDays(1);
    private static final long LOOK_AGAIN_MS = 1500;

    private final SessionRepository<Session> stored;
    private final JdbcClient database;
    private final Clock clock;
    private final Remembered<String, MapSession> remembered =
            new Remembered<>(this::readable, this::stillOpen, System::nanoTime);

    @SuppressWarnings("unchecked") // the repository's own kind of session is not public
    ThrottledSessions(JdbcIndexedSessionRepository stored, JdbcClient database, Clock clock) {
        this.stored = (SessionRepository<Session>) (SessionRepository<?>) stored;
        this.database = database;
        this.clock = clock;
    }

    @Override
    public ThrottledSession createSession() {
        return ThrottledSession.begun(stored.createSession());
    }

    @Override
    public void save(ThrottledSession session) {
        session.changed().ifPresent(changed -> {
            stored.save(changed);
            remembered.forget(session.foundAs());
        });
    }

    @Override
    public ThrottledSession findById(String id) {
        // What no id can be is not worth asking the database, which refuses a zero character altogether.
        if (id.chars().anyMatch(Character::isISOControl)) {
            return null;
        }
        MapSession found = remembered.get(id).orElse(null);
        if (found == null || found.isExpired()) {
            return null;
        }
        if (found.getCreationTime().isBefore(clock.instant().minus(LONGEST_LIFE))) {
            deleteById(id);
            return null;
        }
        return ThrottledSession.found(found, () -> Optional.ofNullable(stored.findById(id)));
    }

    @Override
    public void deleteById(String id) {
        stored.deleteById(id);
        remembered.forget(id);
    }

    /** Learns of what has ended, or was used, on another instance. */
    @Scheduled(fixedDelay = LOOK_AGAIN_MS)
    void lookAgain() {
        remembered.askAgain();
    }

    /** A session's contents; none where another version of a library wrote them: its advisor signs in again. */
    private Optional<MapSession> readable(String id) {
        Session found = stored.findById(id);
        if (found == null) {
            return Optional.empty();
        }
        try {
            return Optional.of(new MapSession(found));
        } catch (ConversionException | SerializationFailedException unreadable) {
            LOG.warn("A session cannot be read and counts as none: {}", unreadable.getMessage());
            stored.deleteById(id);
            return Optional.empty();
        }
    }

    /** Their contents stay as they are: a session gets another id when somebody signs in. */
    private Map<String, MapSession> stillOpen(Map<String, MapSession> known) {
        Map<String, MapSession> open = new HashMap<>();
        database.sql(
                        "select session_id, last_access_time from spring_session where session_id = any(?) and expiry_time > ?")
                .params(known.keySet().toArray(String[]::new), clock.millis())
                .query((row, number) -> open.put(row.getString("session_id"), usedAt(row, known)))
                .list();
        return open;
    }

    private static MapSession usedAt(ResultSet row, Map<String, MapSession> known) throws SQLException {
        MapSession session = new MapSession(known.get(row.getString("session_id")));
        session.setLastAccessedTime(Instant.ofEpochMilli(row.getLong("last_access_time")));
        return session;
    }
}
