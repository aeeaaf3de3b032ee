package app.impendium.server.problem;

import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;

/**
 * Turns of which nobody has more than a few, waiting ones among them: whoever asks for many leaves some to the others.
 *
 * @param <K> who asks
 */
public final class SharedTurns<K> {
    private final ConcurrentMap<K, Integer> asking = new ConcurrentHashMap<>();
    private final Turns turns;
    private final int mostOfOne;

    /** @param mostOfOne how many one has at a time */
    public SharedTurns(Turns turns, int mostOfOne) {
        this.turns = turns;
        this.mostOfOne = mostOfOne;
    }

    /**
     * Waits for a turn of this one, and does this in it.
     *
     * @throws BusyException if no turn is to be had
     * @throws E as the work does
     */
    public <T, E extends Exception> T take(K one, Turns.Work<T, E> work) throws E {
        try {
            if (asking.merge(one, 1, Integer::sum) > mostOfOne) {
                throw turns.busy();
            }
            return turns.take(work);
        } finally {
            asking.computeIfPresent(one, (key, count) -> count == 1 ? null : count - 1);
        }
    }

    /**
     * Waits for a turn of this one, and does this in it.
     *
     * @throws BusyException if no turn is to be had
     */
    public void run(K one, Runnable work) {
        take(one, () -> {
            work.run();
            return work;
        });
    }
}
