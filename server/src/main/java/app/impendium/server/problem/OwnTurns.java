package app.impendium.server.problem;

import java.time.Duration;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/**
 * Lets everybody do few things at once, and all together not many more than there are processors. What more one asks for waits for
 * their own turn, and keeps nobody else waiting.
 *
 * @param <K> who asks
 */
final class OwnTurns<K> {
    private final ConcurrentMap<K, Turns> ofAll = new ConcurrentHashMap<>();
    private final Semaphore free;
    private final int mostOfOne;
    private final Duration longestWait;

    private static final class Turns {
        private final Semaphore free;
        private int asking;

        private Turns(int most) {
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
        Turns own = ofAll.compute(one, (key, known) -> {
            Turns turns = known == null ? new Turns(mostOfOne) : known;
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
        ofAll.get(one).free.release();
        leave(one);
    }

    private void leave(K one) {
        ofAll.computeIfPresent(one, (key, turns) -> --turns.asking == 0 ? null : turns);
    }
}
