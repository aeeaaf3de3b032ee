package app.impendium.server.handout.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.document.HandoutDocument.ScheduleBy;
import app.impendium.server.handout.DemoCases;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.verapdf.core.VeraPDFException;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;

class PdfPrinterTest {
    @BeforeAll
    static void readyTheValidator() {
        VeraGreenfieldFoundryProvider.initialise();
    }

    @ParameterizedTest
    @ValueSource(strings = {"sorrel-street", "heron-mews", "saltmarsh-walk", "tollgate-rise"})
    void isArchivableAndAccessible(String name) throws IOException, VeraPDFException {
        byte[] pdf = PdfPrinter.print(DemoCases.everything(name, ScheduleBy.YEAR));
        Files.write(Path.of("/tmp/w/" + name + ".pdf"), pdf);
        assertThat(Stream.of(PDFAFlavour.PDFA_2_A, PDFAFlavour.PDFUA_1)
                        .flatMap(flavour -> failures(pdf, flavour).stream()))
                .isEmpty();
    }

    private static List<String> failures(byte[] pdf, PDFAFlavour flavour) {
        try (PDFAParser parser = Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), flavour);
                PDFAValidator validator = Foundries.defaultInstance().createValidator(flavour, false)) {
            return validator.validate(parser).getTestAssertions().stream()
                    .filter(assertion -> assertion.getStatus() != TestAssertion.Status.PASSED)
                    .map(assertion -> flavour + " " + assertion.getRuleId().getClause() + ": " + assertion.getMessage())
                    .distinct()
                    .toList();
        } catch (IOException | VeraPDFException e) {
            throw new IllegalStateException(e);
        }
    }
}
