package app.impendium.server.handout.pdf;

import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.problem.Turns;
import app.impendium.server.spool.SpooledFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Prints for whoever asks, few documents at once: each keeps a processor for seconds, and much memory.
 */
@Component
public class Printing {
    private static final int MOST_WAITING = 20;

    private final Turns turns;

    Printing(@Value("${impendium.printings-at-once}") int atOnce) {
        this.turns = new Turns(
                atOnce,
                MOST_WAITING,
                Duration.ofSeconds(10),
                "Too much is being printed. Nothing was kept. Try again in a moment.");
    }

    /**
     * The document of a content.
     *
     * @throws app.impendium.server.problem.BusyException if too many are printed
     * @throws app.impendium.server.problem.RefusedException if it is too long
     */
    public SpooledFile print(HandoutContent content) {
        try {
            return turns.take(() -> SpooledFile.of(out -> PdfPrinter.print(content, out)));
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }
}
