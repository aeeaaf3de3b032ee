package app.impendium.server.handout;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.RunningServer;
import app.impendium.server.document.IssuedHandoutDocument;
import app.impendium.server.handout.compose.Composer;
import app.impendium.server.handout.compose.Telling;
import app.impendium.server.handout.content.ChartBlock;
import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.handout.pdf.PdfBytes;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A hand-out that an earlier version issued, kept as the database keeps it. It must say what it said for as long as there is a case. */
class IssuedLongAgoTest {
    private static final JsonMapper JSON = RunningServer.bean(JsonMapper.class);
    private static final Pattern FIGURE = Pattern.compile("\\d[\\d,]*\\.\\d+");
    private static final JsonNode KEPT = read("issued-by-0.1.0");

    @Test
    void isMadeAgainWithTheVerySameFigures() throws IOException {
        HandoutContent content = JSON.treeToValue(KEPT.get("content"), HandoutContent.class);
        try (PDDocument pdf = Loader.loadPDF(PdfBytes.of(content))) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("7 Tollgate Rise", "November 26, 2026", "1,741.85", "249,352.99", "6.375", "2,187.36");
        }
    }

    @Test
    void whatItWasMadeFromStillComesToTheSameFigures() {
        IssuedHandoutDocument made = JSON.treeToValue(KEPT.get("madeFrom"), IssuedHandoutDocument.class);
        HandoutContent kept = JSON.treeToValue(KEPT.get("content"), HandoutContent.class);

        HandoutContent again = Composer.compose(
                Telling.again(made, Telling.PAPER_WIDTH), kept.letterhead(), kept.day(), kept.disclaimer());

        assertThat(figures(again)).containsAll(figures(kept));
    }

    /** Every figure that is told; words may be chosen otherwise and charts drawn otherwise one day. */
    private static Set<String> figures(HandoutContent content) {
        List<Object> told = Stream.concat(content.sections().stream(), content.appendix().stream())
                .flatMap(section -> section.blocks().stream())
                .filter(block -> !(block instanceof ChartBlock))
                .map(Object.class::cast)
                .toList();
        return FIGURE.matcher(JSON.writeValueAsString(told))
                .results()
                .map(MatchResult::group)
                .collect(Collectors.toSet());
    }

    private static JsonNode read(String name) {
        try (InputStream file = IssuedLongAgoTest.class.getResourceAsStream("/handouts/" + name + ".json")) {
            return new JsonMapper().readTree(file);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }
}
