package app.impendium.server.problem;

import java.time.Duration;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/**
 * Bounds what each does at once, and what all do. Whoever asks for more waits for a turn of their own before one among all, so that nobody
 * else waits for them.
 *
 * @param <K> who asks
 */
final class OwnTurns<K> {
    private final ConcurrentMap<K, Own> ofEach = new ConcurrentHashMap<>();
    private final Semaphore free;
    private final int mostOfOne;
    private final Duration longestWait;

    /** Of one who asks. */
    private static final class Own {
        private final Semaphore free;
        private int asking;

        private Own(int most) {
            this.free = new Semaphore(most, true);
        }
    }

    /**
     * @param mostOfAll at once, whosoever they are
     * @param longestWait for one's own turn, and then for one among all
     */
    OwnTurns(int mostOfOne, int mostOfAll, Duration longestWait) {
        this.free = new Semaphore(mostOfAll, true);
        this.mostOfOne = mostOfOne;
        this.longestWait = longestWait;
    }

    /** Waits for a turn of this one, to be given back by {@link #end}; whether it came in time. */
    boolean begin(K one) {
        Own own = ofEach.compute(one, (key, known) -> {
            Own turns = known == null ? new Own(mostOfOne) : known;
            turns.asking++;
            return turns;
        });
        boolean hasOwn = isHadInTime(own.free);
        boolean hasTurn = hasOwn && isHadInTime(free);
        if (!hasTurn) {
            if (hasOwn) {
                own.free.release();
            }
            leave(one);
        }
        return hasTurn;
    }

    private boolean isHadInTime(Semaphore turns) {
        try {
            return turns.tryAcquire(longestWait.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException end) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** Ends a turn that began. */
    void end(K one) {
        free.release();
        ofEach.get(one).free.release();
        leave(one);
    }

    private void leave(K one) {
        ofEach.computeIfPresent(one, (key, turns) -> --turns.asking == 0 ? null : turns);
    }
}
