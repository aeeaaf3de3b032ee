package app.impendium.server.spool;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * What is made for somebody, waiting on the disk for them to read it, however slowly: memory, and whatever it was made with, are free.
 *
 * @param contents gone from the disk once it is closed
 */
public record SpooledFile(InputStream contents, long bytes) {

    /** Writes it. */
    public interface Writing {
        void to(OutputStream out) throws IOException;
    }

    /**
     * A file that holds this.
     *
     * @throws IOException if the disk does not hold it
     */
    public static SpooledFile of(Writing writing) throws IOException {
        Path file = Files.createTempFile("impendium-", ".spooled");
        try {
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
                writing.to(out);
            }
            long bytes = Files.size(file);
            return new SpooledFile(Files.newInputStream(file, StandardOpenOption.DELETE_ON_CLOSE), bytes);
        } catch (IOException | RuntimeException | Error failure) {
            Files.deleteIfExists(file);
            throw failure;
        }
    }
}
