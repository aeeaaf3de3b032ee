package app.impendium.server.outside;

/** Someone outside who was asked for a figure did not answer, or not with one. */
public final class OutsideException extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** @param reason for the log: what came instead of an answer, nothing of whom it was asked for */
    public OutsideException(String reason) {
        super(reason);
    }

    /** @param reason for the log: what was tried, nothing of whom it was asked for */
    public OutsideException(String reason, Throwable cause) {
        super(reason, cause);
    }
}
