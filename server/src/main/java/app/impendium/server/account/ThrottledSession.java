package app.impendium.server.account;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.springframework.session.Session;

/** A session that is read from memory, is taken from where it is stored once it changes, and leaves out what is not worth noting yet. */
final class ThrottledSession implements Session {
    private static final Duration NOTED_EVERY = Duration.ofMinutes(1);

    private final String foundAs;
    private final Supplier<Optional<Session>> store;
    private Session now;
    private boolean isStored;

    private ThrottledSession(Session now, boolean isStored, Supplier<Optional<Session>> store) {
        this.foundAs = now.getId();
        this.now = now;
        this.isStored = isStored;
        this.store = store;
    }

    /** One that begins. */
    static ThrottledSession begun(Session stored) {
        return new ThrottledSession(stored, true, Optional::empty);
    }

    /**
     * One that was found.
     *
     * @param remembered what others read at the same time, and nobody changes
     * @param store the same where it is stored; none where it has ended since
     */
    static ThrottledSession found(Session remembered, Supplier<Optional<Session>> store) {
        return new ThrottledSession(remembered, false, store);
    }

    /** The id that it was found by. */
    String foundAs() {
        return foundAs;
    }

    /** What is to be stored of it; none where nothing has changed. */
    Optional<Session> changed() {
        return isStored ? Optional.of(now) : Optional.empty();
    }

    private Optional<Session> toChange() {
        if (!isStored) {
            Optional<Session> found = store.get();
            found.ifPresent(session -> now = session);
            isStored = found.isPresent();
        }
        return changed();
    }

    @Override
    public void setLastAccessedTime(Instant time) {
        if (time.isAfter(getLastAccessedTime().plus(NOTED_EVERY))) {
            toChange().ifPresent(session -> session.setLastAccessedTime(time));
        }
    }

    @Override
    public String getId() {
        return now.getId();
    }

    @Override
    public String changeSessionId() {
        return toChange().map(Session::changeSessionId).orElse(foundAs);
    }

    @Override
    public <T> T getAttribute(String name) {
        return now.getAttribute(name);
    }

    @Override
    public Set<String> getAttributeNames() {
        return now.getAttributeNames();
    }

    @Override
    public void setAttribute(String name, Object value) {
        toChange().ifPresent(session -> session.setAttribute(name, value));
    }

    @Override
    public void removeAttribute(String name) {
        toChange().ifPresent(session -> session.removeAttribute(name));
    }

    @Override
    public Instant getCreationTime() {
        return now.getCreationTime();
    }

    @Override
    public Instant getLastAccessedTime() {
        return now.getLastAccessedTime();
    }

    @Override
    public void setMaxInactiveInterval(Duration interval) {
        if (!interval.equals(getMaxInactiveInterval())) {
            toChange().ifPresent(session -> session.setMaxInactiveInterval(interval));
        }
    }

    @Override
    public Duration getMaxInactiveInterval() {
        return now.getMaxInactiveInterval();
    }

    @Override
    public boolean isExpired() {
        return now.isExpired();
    }
}
