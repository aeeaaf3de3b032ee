package app.impendium.server.handout.pdf;

import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.problem.Turns;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Prints for whoever asks, few documents at once: each keeps a processor for seconds, and much memory. What is printed waits on the disk
 * for whoever reads it, however slowly.
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
     * A printed document.
     *
     * @param pdf gone from the disk once it is closed
     */
    public record Printed(InputStream pdf, long bytes) {}

    /**
     * The document of a content.
     *
     * @throws app.impendium.server.problem.BusyException if too many are printed
     * @throws app.impendium.server.problem.RefusedException if it is too long
     */
    public Printed print(HandoutContent content) {
        try {
            return turns.take(() -> printed(content));
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    private static Printed printed(HandoutContent content) throws IOException {
        Path file = Files.createTempFile("impendium-", ".pdf");
        try {
            try (OutputStream out = Files.newOutputStream(file)) {
                PdfPrinter.print(content, out);
            }
            long bytes = Files.size(file);
            return new Printed(Files.newInputStream(file, StandardOpenOption.DELETE_ON_CLOSE), bytes);
        } catch (IOException | RuntimeException | Error failure) {
            Files.deleteIfExists(file);
            throw failure;
        }
    }
}
