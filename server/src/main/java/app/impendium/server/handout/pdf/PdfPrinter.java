package app.impendium.server.handout.pdf;

import app.impendium.server.handout.content.HandoutContent;
import com.openhtmltopdf.extend.FSStream;
import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder.PdfAConformance;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.apache.pdfbox.pdmodel.PDDocument;

/** Makes a hand-out into a PDF: tagged for screen readers, and fit to be archived. */
public final class PdfPrinter {
    /** Of a processor: several times what the longest schedule takes with all sections. */
    private static final Duration LONGEST = Duration.ofSeconds(60);

    private static final int MOST_PAGES = 200;
    private static final String CSS = new String(resource("/handout/handout.css"), StandardCharsets.UTF_8);

    static {
        XRLog.setLoggingEnabled(false);
    }

    private PdfPrinter() {}

    /**
     * Writes the document; the same content gives the same bytes.
     *
     * @throws app.impendium.server.problem.RefusedException if it is too long, before any of it is written
     */
    public static void print(HandoutContent content, OutputStream out) throws IOException {
        print(content, out, new PrintBounds(LONGEST, MOST_PAGES));
    }

    static void print(HandoutContent content, OutputStream out, PrintBounds bounds) throws IOException {
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useProtocolsStreamImplementation(PdfPrinter::font, "font");
        builder.useSVGDrawer(new BatikSVGDrawer());
        builder.usePdfUaAccessibility(true);
        builder.usePdfAConformance(PdfAConformance.PDFA_2_A);
        builder.useColorProfile(ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData());
        // Nothing is fetched: a hand-out holds all that it shows.
        builder.useUriResolver((base, uri) ->
                uri.startsWith("data:image/") || uri.startsWith("font:") || uri.startsWith("#") ? uri : null);
        builder.withProducer("Impendium");
        String html = HandoutHtml.of(content, CSS);
        builder.withHtmlContent(html, null);
        builder.useUnicodeLineBreaker(bounds);
        try (PdfBoxRenderer renderer = builder.buildPdfRenderer()) {
            renderer.layout();
            bounds.checkPages(renderer.getRootBox().getLayer().getPages().size());
            try (PDDocument document = renderer.createPDFKeepOpen()) {
                PdfIdentity.of(content.day(), html).putOn(document);
                document.save(out);
            }
        }
    }

    private static FSStream font(String uri) {
        return new FSStream() {
            @Override
            public InputStream getStream() {
                return PdfPrinter.class.getResourceAsStream("/fonts/" + uri.substring("font:".length()) + ".ttf");
            }

            @Override
            public Reader getReader() {
                return new InputStreamReader(getStream(), StandardCharsets.UTF_8);
            }
        };
    }

    private static byte[] resource(String path) {
        try (InputStream in = PdfPrinter.class.getResourceAsStream(path)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
