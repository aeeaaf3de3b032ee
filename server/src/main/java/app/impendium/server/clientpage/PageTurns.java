package app.impendium.server.clientpage;

import app.impendium.server.problem.BusyException;
import app.impendium.server.problem.Turns;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Computes clients' pages few at a time, and few of each link: a link that is passed on may have any number of readers, and the
 * practice's advisors come first.
 */
@Component
class PageTurns {
    private static final int MOST_WAITING = 30;
    private static final int MOST_OF_LINK = 6;
    private static final String WHEN_BUSY = "Many are looking at pages just now. Try again in a moment.";

    private final ConcurrentMap<UUID, Integer> asking = new ConcurrentHashMap<>();
    private final Turns turns;

    PageTurns(@Value("${impendium.client-pages-at-once}") int atOnce) {
        this.turns = new Turns(atOnce, MOST_WAITING, WHEN_BUSY);
    }

    /**
     * Waits for a turn of a link, and does this in it.
     *
     * @throws BusyException if no turn is to be had
     */
    <T> T take(UUID link, Supplier<T> work) {
        try {
            if (asking.merge(link, 1, Integer::sum) > MOST_OF_LINK) {
                throw new BusyException(WHEN_BUSY, Duration.ofSeconds(5));
            }
            return turns.take(work::get);
        } finally {
            asking.computeIfPresent(link, (key, count) -> count == 1 ? null : count - 1);
        }
    }
}
