package app.impendium.core.finding;

/** Thrown by a calculation whose thread was interrupted: nobody waits for its answer any more. */
public final class GivenUpException extends RuntimeException {
    private GivenUpException() {
        super("The calculation was given up before it was done");
    }

    /**
     * Called where a calculation goes on for long. Whoever answers for it goes on uninterrupted.
     *
     * @throws GivenUpException if this thread was interrupted
     */
    public static void throwIfInterrupted() {
        if (Thread.interrupted()) {
            throw new GivenUpException();
        }
    }
}
