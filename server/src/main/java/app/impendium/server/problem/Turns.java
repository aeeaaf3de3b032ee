package app.impendium.server.problem;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/**
 * Lets few do at once what keeps a processor and much memory for seconds. Whoever comes while all turns are taken waits for a while;
 * where too many wait, or it takes too long, they are told to come again.
 */
public final class Turns {
    private static final Duration RETRY_AFTER = Duration.ofSeconds(5);

    private final Semaphore free;
    private final int mostWaiting;
    private final Duration longestWait;
    private final String whenBusy;

    /** What is done in a turn. */
    public interface Work<T, E extends Exception> {
        T done() throws E;
    }

    /**
     * @param most at once
     * @param mostWaiting others, each of whom keeps a worker
     * @param longestWait of one who waits
     * @param whenBusy what is told to those who do not get their turn
     */
    public Turns(int most, int mostWaiting, Duration longestWait, String whenBusy) {
        this.free = new Semaphore(most, true);
        this.mostWaiting = mostWaiting;
        this.longestWait = longestWait;
        this.whenBusy = whenBusy;
    }

    /**
     * Waits for a turn and does this in it.
     *
     * @throws BusyException if no turn is to be had
     * @throws E as the work does
     */
    public <T, E extends Exception> T take(Work<T, E> work) throws E {
        if (!hasTurn(free.getQueueLength() < mostWaiting ? longestWait : Duration.ZERO)) {
            throw busy();
        }
        try {
            return work.done();
        } finally {
            free.release();
        }
    }

    BusyException busy() {
        return new BusyException(whenBusy, RETRY_AFTER);
    }

    private boolean hasTurn(Duration within) {
        try {
            return free.tryAcquire(within.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException end) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
