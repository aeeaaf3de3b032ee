package app.impendium.server.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.convert.ConversionException;
import org.springframework.core.serializer.support.SerializationFailedException;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;

/**
 * Sessions in the database that end after a day however much they are used, and note their use once a minute. An advisor who types asks for figures at each key press,
 * and each of those requests would otherwise write to the database.
 */
class ThrottledSessions implements SessionRepository<ThrottledSessions.ThrottledSession> {
    private static final Logger LOG = LoggerFactory.getLogger(ThrottledSessions.class);
    private static final Duration NOTED_EVERY = Duration.ofMinutes(1);
    private static final Duration LONGEST_LIFE = Duration.ofDays(1);

    private final SessionRepository<Session> stored;
    private final Clock clock;

    @SuppressWarnings("unchecked") // the repository's own kind of session is not public
    ThrottledSessions(JdbcIndexedSessionRepository stored, Clock clock) {
        this.stored = (SessionRepository<Session>) (SessionRepository<?>) stored;
        this.clock = clock;
    }

    @Override
    public ThrottledSession createSession() {
        return new ThrottledSession(stored.createSession());
    }

    @Override
    public void save(ThrottledSession session) {
        stored.save(session.stored());
    }

    @Override
    public ThrottledSession findById(String id) {
        // What no id can be is not worth asking the database, which refuses a zero character altogether.
        Session found = id.chars().anyMatch(Character::isISOControl) ? null : stored.findById(id);
        if (found == null) {
            return null;
        }
        if (found.getCreationTime().isBefore(clock.instant().minus(LONGEST_LIFE))) {
            stored.deleteById(id);
            return null;
        }
        if (!isReadable(found)) {
            // Written by another version of a library: as good as none, and its advisor signs in again.
            stored.deleteById(id);
            return null;
        }
        return new ThrottledSession(found);
    }

    private static boolean isReadable(Session session) {
        try {
            session.getAttributeNames().forEach(session::getAttribute);
            return true;
        } catch (ConversionException | SerializationFailedException unreadable) {
            LOG.warn("A session cannot be read and counts as none: {}", unreadable.getMessage());
            return false;
        }
    }

    @Override
    public void deleteById(String id) {
        stored.deleteById(id);
    }

    /** A stored session that leaves out what is not worth noting yet. */
    record ThrottledSession(Session stored) implements Session {

        @Override
        public void setLastAccessedTime(Instant now) {
            if (now.isAfter(getLastAccessedTime().plus(NOTED_EVERY))) {
                stored.setLastAccessedTime(now);
            }
        }

        @Override
        public String getId() {
            return stored.getId();
        }

        @Override
        public String changeSessionId() {
            return stored.changeSessionId();
        }

        @Override
        public <T> T getAttribute(String name) {
            return stored.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return stored.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, Object value) {
            stored.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            stored.removeAttribute(name);
        }

        @Override
        public Instant getCreationTime() {
            return stored.getCreationTime();
        }

        @Override
        public Instant getLastAccessedTime() {
            return stored.getLastAccessedTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            stored.setMaxInactiveInterval(interval);
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return stored.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return stored.isExpired();
        }
    }
}
