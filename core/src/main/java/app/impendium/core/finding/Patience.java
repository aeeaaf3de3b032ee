package app.impendium.core.finding;

import java.util.function.BooleanSupplier;

/**
 * How long the calculations of a thread go on: without end, unless whoever asked for them says otherwise. An interruption would
 * end reading and writing too, wherever it came.
 */
public final class Patience {
    private static final ThreadLocal<BooleanSupplier> ENDED = new ThreadLocal<>();

    private Patience() {}

    /** Lets this thread's calculations give up once the patience has ended, which is asked about each time. */
    public static void until(BooleanSupplier hasEnded) {
        ENDED.set(hasEnded);
    }

    /** Lets this thread's calculations go on without end. */
    public static void withoutEnd() {
        ENDED.remove();
    }

    /**
     * Called where a calculation goes on for long.
     *
     * @throws GivenUpException if this thread's patience has ended
     */
    public static void check() {
        BooleanSupplier hasEnded = ENDED.get();
        if (hasEnded != null && hasEnded.getAsBoolean()) {
            throw new GivenUpException();
        }
    }
}
