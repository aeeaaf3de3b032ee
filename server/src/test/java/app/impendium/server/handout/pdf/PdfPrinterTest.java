package app.impendium.server.handout.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.document.HandoutDocument;
import app.impendium.server.document.HandoutDocument.ScheduleBy;
import app.impendium.server.handout.DemoCases;
import app.impendium.server.handout.content.FactsBlock;
import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.handout.content.HandoutContent.LetterheadContent;
import app.impendium.server.handout.content.HandoutContent.Paper;
import app.impendium.server.handout.content.HandoutContent.SectionContent;
import app.impendium.server.handout.content.TableBlock;
import app.impendium.server.handout.content.TextBlock;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.verapdf.core.VeraPDFException;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;
import org.verapdf.pdfa.results.ValidationResult;
import tools.jackson.databind.node.ObjectNode;

class PdfPrinterTest {
    @BeforeAll
    static void readyTheValidator() {
        VeraGreenfieldFoundryProvider.initialise();
    }

    @ParameterizedTest
    @ValueSource(strings = {"sorrel-street", "heron-mews", "saltmarsh-walk"})
    void isArchivableAndAccessible(String name) {
        byte[] pdf = PdfBytes.of(DemoCases.everything(name, ScheduleBy.YEAR));

        assertThat(failures(pdf, PDFAFlavour.PDFA_2_A)).isEmpty();
        assertThat(failures(pdf, PDFAFlavour.PDFUA_1)).isEmpty();
    }

    @Test
    void theValidatorTellsWhatIsNot() throws IOException {
        try (PDDocument bare = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            bare.addPage(new PDPage());
            bare.save(out);

            assertThat(failures(out.toByteArray(), PDFAFlavour.PDFA_2_A)).isNotEmpty();
            assertThat(failures(out.toByteArray(), PDFAFlavour.PDFUA_1)).isNotEmpty();
        }
    }

    @Test
    void namesOfOtherAlphabetsStandOnPaper() throws IOException {
        String names = "Łucja Nguyễn, Ελένη Θεοδωράκη and Олена Ковальчук";
        HandoutContent content = new HandoutContent(
                HandoutContent.FORMAT,
                "en-GB",
                Paper.A4,
                new LetterheadContent("Ostrander & Pell", "", null),
                names,
                names,
                DemoCases.DAY,
                names,
                List.of(new SectionContent(names, List.of(new TextBlock(names)))),
                "",
                "",
                List.of());
        byte[] pdf = PdfBytes.of(content);

        assertThat(failures(pdf, PDFAFlavour.PDFA_2_A)).isEmpty();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(squeezed(new PDFTextStripper().getText(document)).split(squeezed(names), -1))
                    .hasSizeGreaterThan(4);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"\uFFFF", "\uFFFE", "\uD83C\uDFE0", "a\uFFFFb \uD83C\uDFE0", "\u200F\u0627"})
    void aTitleOfAnySignsStandsOnPaper(String signs) {
        HandoutContent content = DemoCases.handout(
                DemoCases.changed("bellfounder-close", tree -> {
                    tree.put("title", "Weir House " + signs);
                    // A label of the chart ends within the sign.
                    for (int length = 0; length < 4; length++) {
                        ((ObjectNode) tree.at("/options/" + length))
                                .put("name", "x".repeat(21 + length) + signs.repeat(4));
                    }
                }),
                HandoutDocument.USUAL);

        assertThat(failures(PdfBytes.of(content), PDFAFlavour.PDFA_2_A)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"harrow-court", "bellfounder-close", "tollgate-rise", "heron-mews"})
    void allThatThereIsToTellTakesNinePagesAtTheMost(String name) throws IOException {
        try (PDDocument pdf = Loader.loadPDF(PdfBytes.of(DemoCases.everything(name, ScheduleBy.YEAR)))) {
            assertThat(pdf.getNumberOfPages()).isLessThanOrEqualTo(9);
        }
    }

    @Test
    void theSameContentGivesTheSameBytes() {
        HandoutContent content = DemoCases.everything("bellfounder-close", ScheduleBy.YEAR);

        assertThat(PdfBytes.of(content)).isEqualTo(PdfBytes.of(content));
    }

    @ParameterizedTest
    @ValueSource(strings = {"weir-house", "tannery-row", "ropewalk-terrace", "cinder-hill"})
    void everythingThatIsSaidStandsOnPaper(String name) throws IOException {
        HandoutContent content = DemoCases.everything(name, ScheduleBy.PAYMENT);
        try (PDDocument pdf = Loader.loadPDF(PdfBytes.of(content))) {
            String paper = squeezed(new PDFTextStripper().getText(pdf));

            assertThat(said(content)).allSatisfy(words -> assertThat(paper).contains(squeezed(words)));
        }
    }

    @Test
    void aScheduleRepeatsItsHeadOnEveryPage() throws IOException {
        HandoutContent content = DemoCases.everything("weir-house", ScheduleBy.PAYMENT);
        try (PDDocument pdf = Loader.loadPDF(PdfBytes.of(content))) {
            PDFTextStripper stripper = new PDFTextStripper();
            long pagesWithLines = 0;
            for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
                stripper.setStartPage(page);
                stripper.setEndPage(page);
                String text = stripper.getText(pdf);
                if (text.lines()
                                .filter(line -> line.matches("\\d+ \\S.* [\\d,]+\\.\\d\\d"))
                                .count()
                        > 20) {
                    pagesWithLines++;
                    assertThat(text).contains("Balance after");
                }
            }
            assertThat(pagesWithLines).isGreaterThanOrEqualTo(4);
        }
    }

    @Test
    void tellsOfItselfPracticeTitleAndDayAlone() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(PdfBytes.of(DemoCases.everything("weir-house", ScheduleBy.YEAR)))) {
            assertThat(pdf.getDocumentInformation().getTitle())
                    .isEqualTo(DemoCases.read("weir-house").title());
            assertThat(pdf.getDocumentInformation().getAuthor()).isEqualTo("Ostrander & Pell");
            assertThat(pdf.getDocumentInformation().getSubject()).isNull();
            assertThat(pdf.getDocumentInformation().getKeywords()).isNull();
            assertThat(pdf.getDocumentCatalog().getLanguage()).isEqualTo("en-US");
            assertThat(pdf.getDocumentCatalog().getDocumentOutline().children()).hasSizeGreaterThan(5);
        }
    }

    @ParameterizedTest
    @CsvSource({"A4, 595, 842", "LETTER, 612, 792"})
    void isPrintedOnThePaperOfItsMarket(Paper paper, int width, int height) throws IOException {
        try (PDDocument pdf = Loader.loadPDF(PdfBytes.of(saying(paper, "words")))) {
            PDRectangle box = pdf.getPage(0).getMediaBox();
            assertThat(Math.round(box.getWidth())).isEqualTo(width);
            assertThat(Math.round(box.getHeight())).isEqualTo(height);
        }
    }

    @Test
    void whateverIsTypedIsTextAndNothingElse() throws IOException {
        String typed = "<b>bold</b> & \"so on\" <img src='file:///etc/hostname'/> \u0001 &amp; Zoë Šimková";
        try (PDDocument pdf = Loader.loadPDF(PdfBytes.of(saying(Paper.A4, typed)))) {
            assertThat(squeezed(new PDFTextStripper().getText(pdf))).contains(squeezed(typed.replace("\u0001", "")));
        }
    }

    private static HandoutContent saying(Paper paper, String words) {
        return new HandoutContent(
                1,
                "en-GB",
                paper,
                new LetterheadContent("Practice", "", null),
                "A title",
                "",
                DemoCases.DAY,
                "",
                List.of(new SectionContent("Section", List.of(new TextBlock(words)))),
                "",
                "",
                List.of());
    }

    private static List<String> said(HandoutContent content) {
        return content.sections().stream()
                .flatMap(section -> section.blocks().stream())
                .flatMap(block -> block instanceof TableBlock table
                        ? table.rows().stream().flatMap(row -> row.cells().stream())
                        : block instanceof FactsBlock facts
                                ? facts.facts().stream().flatMap(fact -> Stream.of(fact.label(), fact.value()))
                                : Stream.empty())
                .toList();
    }

    /** Where lines and words break says nothing of what is said. */
    private static String squeezed(String text) {
        return text.replaceAll("[\\s\u00a0\u00ad]+", "");
    }

    private static List<String> failures(byte[] pdf, PDFAFlavour flavour) {
        try (PDFAParser parser = Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), flavour);
                PDFAValidator validator = Foundries.defaultInstance().createValidator(flavour, false)) {
            ValidationResult result = validator.validate(parser);
            return result.getTestAssertions().stream()
                    .filter(assertion -> assertion.getStatus() != TestAssertion.Status.PASSED)
                    .map(assertion -> flavour + " " + assertion.getRuleId().getClause() + ": " + assertion.getMessage())
                    .distinct()
                    .toList();
        } catch (IOException | VeraPDFException e) {
            throw new IllegalStateException(e);
        }
    }
}
