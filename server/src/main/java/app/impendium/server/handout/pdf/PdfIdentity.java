package app.impendium.server.handout.pdf;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.GregorianCalendar;
import java.util.UUID;
import java.util.regex.Pattern;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDMetadata;

/**
 * What tells a document from others: the day that it bears and what it says, not when it happened to be printed. The same hand-out
 * is the same file, byte by byte.
 *
 * @param id of the document, by what it says
 */
record PdfIdentity(LocalDate day, long id) {
    private static final Pattern CREATED = Pattern.compile("(<xmp:CreateDate>)[^<]*");

    static PdfIdentity of(LocalDate day, String said) {
        return new PdfIdentity(
                day,
                UUID.nameUUIDFromBytes(said.getBytes(StandardCharsets.UTF_8)).getMostSignificantBits());
    }

    /** Both places that tell the day have to agree (PDF/A-2, 6.6.2.3). */
    void putOn(PDDocument document) throws IOException {
        document.setDocumentId(id);
        document.getDocumentInformation().setCreationDate(GregorianCalendar.from(day.atStartOfDay(ZoneOffset.UTC)));
        PDMetadata metadata = document.getDocumentCatalog().getMetadata();
        String told = new String(metadata.toByteArray(), StandardCharsets.UTF_8);
        metadata.importXMPMetadata(CREATED.matcher(told)
                .replaceFirst("$1" + day + "T00:00:00+00:00")
                .getBytes(StandardCharsets.UTF_8));
    }
}
