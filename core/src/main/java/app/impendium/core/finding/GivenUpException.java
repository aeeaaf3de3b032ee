package app.impendium.core.finding;

/** Thrown by a calculation for whose answer nobody waits any more; see {@link Patience}. */
public final class GivenUpException extends RuntimeException {
    GivenUpException() {
        super("The calculation was given up before it was done");
    }
}
