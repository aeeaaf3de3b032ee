package app.impendium.core.finding;

/** Thrown by a calculation whose thread was interrupted: nobody waits for its answer any more. */
public final class GivenUpException extends RuntimeException {
    private GivenUpException() {
        super("The calculation was given up before it was done");
    }

    /**
     * Called where a calculation goes on for long.
     *
     * @throws GivenUpException if this thread was interrupted
     */
    public static void throwIfInterrupted() {
        if (Thread.currentThread().isInterrupted()) {
            throw new GivenUpException();
        }
    }
}
