package app.impendium.server.mail;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;

/**
 * A mail, as the owners of a practice see it.
 *
 * @param words what it says; null but in the simulated mail box: it may open an account
 */
public record SentMail(
        String to, String subject, @Schema(nullable = true) String words, Instant sentAt, State state) {

    /** What became of it. */
    public enum State {
        /** The mail server took it. */
        SENT,
        /** It waits for the mail server. */
        WAITING,
        /** There was no mail server, or it did not take it for three days. */
        NOT_SENT,
        /** It lies in the simulated mail box. */
        SIMULATED
    }
}
