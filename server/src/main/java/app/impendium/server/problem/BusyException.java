package app.impendium.server.problem;

import java.time.Duration;

/** A request that is refused only because others are under way: it can be repeated. */
public final class BusyException extends RuntimeException {
    private final transient Duration retryAfter;

    /**
     * @param detail what is busy, and what to do about it
     * @param retryAfter in whole seconds
     */
    public BusyException(String detail, Duration retryAfter) {
        super(detail);
        this.retryAfter = retryAfter;
    }

    Duration retryAfter() {
        return retryAfter;
    }
}
