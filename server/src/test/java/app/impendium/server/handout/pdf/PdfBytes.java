package app.impendium.server.handout.pdf;

import app.impendium.server.handout.content.HandoutContent;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;

/** A printed document as it goes out. */
public final class PdfBytes {

    private PdfBytes() {}

    public static byte[] of(HandoutContent content) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            PdfPrinter.print(content, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
