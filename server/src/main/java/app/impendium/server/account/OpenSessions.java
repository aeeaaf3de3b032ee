package app.impendium.server.account;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.session.Session;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.stereotype.Service;

/** Where people are signed in, and how that is ended from elsewhere. */
@Service
public class OpenSessions {
    static final String ADDRESS = "address";
    static final String BROWSER = "browser";

    private final JdbcIndexedSessionRepository sessions;
    private final ThrottledSessions remembered;
    private final JdbcClient database;
    private final Clock clock;

    OpenSessions(
            JdbcIndexedSessionRepository sessions, ThrottledSessions remembered, JdbcClient database, Clock clock) {
        this.sessions = sessions;
        this.remembered = remembered;
        this.database = database;
        this.clock = clock;
    }

    /** Those of these sessions that are open still, by their keys. */
    public Set<String> openOf(Collection<String> keys) {
        return Set.copyOf(
                database.sql("select session_id from spring_session where session_id = any(?) and expiry_time > ?")
                        .params(keys.toArray(String[]::new), clock.millis())
                        .query(String.class)
                        .list());
    }

    /**
     * A session as its owner sees it.
     *
     * @param id leads back to no session's key
     * @param browser as it describes itself, in its own words
     * @param isThis whether it is the one that asks
     */
    record SessionLine(
            String id, String browser, String address, Instant startedAt, Instant lastUsedAt, boolean isThis) {}

    /** Somebody's sessions, the one last used first. */
    List<SessionLine> of(String email, String thisSession) {
        return named(email).entrySet().stream()
                .filter(each -> !each.getValue().isExpired())
                .map(each -> line(each.getKey(), each.getValue(), thisSession))
                .sorted(Comparator.comparing(SessionLine::isThis)
                        .thenComparing(SessionLine::lastUsedAt)
                        .reversed())
                .toList();
    }

    /** Ends one of somebody's sessions; there may be none of this id any more. */
    void end(String email, String id) {
        named(email).keySet().stream().filter(key -> idOf(key).equals(id)).forEach(remembered::deleteById);
    }

    /** Ends all of somebody's sessions but the one that asks. */
    void endOthers(String email, String thisSession) {
        named(email).keySet().stream().filter(key -> !key.equals(thisSession)).forEach(remembered::deleteById);
    }

    /** Signs somebody out wherever they are. */
    public void endAll(String email) {
        named(email).keySet().forEach(remembered::deleteById);
    }

    private Map<String, ? extends Session> named(String email) {
        return sessions.findByPrincipalName(email);
    }

    private static SessionLine line(String key, Session session, String thisSession) {
        return new SessionLine(
                idOf(key),
                session.getAttributeOrDefault(BROWSER, ""),
                session.getAttributeOrDefault(ADDRESS, ""),
                session.getCreationTime(),
                session.getLastAccessedTime(),
                key.equals(thisSession));
    }

    private static String idOf(String key) {
        return DigestUtils.sha256Hex(key).substring(0, 32);
    }
}
