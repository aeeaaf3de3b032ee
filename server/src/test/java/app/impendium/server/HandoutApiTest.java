package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.util.Base64;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Hand-outs over HTTP, what is kept of them, and what a practice's hand-outs begin with. */
class HandoutApiTest {
    private static final Client BEA = Client.signedIn(Client.BEA);

    private static final String BRIEF = """
            {"preparedFor": "Ida", "sections": ["LOAN", "SCHEDULE"], "detail": "BRIEF", "scheduleBy": "YEAR",
             "without": [], "greeting": null, "closing": null}""";

    @Test
    void saysWhatTheCaseChoosesWithTheFiguresOfItsEvaluation() {
        ObjectNode document = brief();

        JsonNode content =
                BEA.post("/api/hand-outs/content", question(document)).body();

        assertThat(content.at("/sections")
                        .valueStream()
                        .map(section -> section.at("/heading").asString()))
                .containsExactly("Your loan", "Schedule");
        assertThat(content.at("/preparedFor").asString()).isEqualTo("Ida");
        long payment = BEA.post("/api/evaluations", document.toString())
                .body()
                .at("/options/0/paymentCents")
                .asLong();
        assertThat(content.toString()).contains(String.format("%,.2f", payment / 100.0));
    }

    @Test
    void aCaseThatSaysNothingOfItBeginsAsTheFirstTemplate() {
        Client own = Client.ofOwnPractice("Ida Voss", "ida@voss-handouts.example");
        ObjectNode document = Documents.purchase("Fern Rise");
        assertThat(own.post("/api/hand-outs/content", question(document)).body().at("/sections"))
                .hasSizeGreaterThan(2);

        own.post("/api/hand-out-templates", "{\"name\": \"B\", \"says\": " + BRIEF.replace("Ida", "B") + "}");
        own.post("/api/hand-out-templates", "{\"name\": \"A\", \"says\": " + BRIEF + "}");

        assertThat(own.post("/api/hand-outs/content", question(document))
                        .body()
                        .at("/preparedFor")
                        .asString())
                .isEqualTo("Ida");
    }

    @Test
    void isAFileNamedByTitleAndDay() {
        ObjectNode document = Documents.purchase("Lot 3 / Fern Rise: \"new\"");

        Answer answer = BEA.post("/api/hand-outs/pdf", question(document));

        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.header("Content-Type")).isEqualTo("application/pdf");
        assertThat(answer.header("Cache-Control")).contains("no-store");
        assertThat(answer.header("Content-Disposition"))
                .matches(".*filename\\*=UTF-8''Lot%203%20Fern%20Rise%20new%20\\d{4}-\\d\\d-\\d\\d\\.pdf");
    }

    @Test
    void whatIsIssuedIsKeptAsItWasWhateverBecomesOfTheCase() throws IOException {
        ObjectNode document = brief();
        String address = BEA.post("/api/cases", document.toString()).header("Location");

        Answer issued = issue(BEA, address, "\"0\"");
        assertThat(issued.status()).isEqualTo(201);
        assertThat(issued.body().at("/issuedBy").asString()).isEqualTo("Bea Ostrander");
        assertThat(issued.body().at("/programVersion").asString()).isEqualTo("0.1.0");
        String pdf = "/api/hand-outs/" + issued.body().at("/id").asString() + "/pdf";
        String before = textOf(BEA, pdf);
        Documents.option(document).withObject("terms").put("ratePercent", 9.25);
        assertThat(BEA.put(address, "\"0\"", document.toString()).status()).isEqualTo(200);

        assertThat(textOf(BEA, pdf)).isEqualTo(before).contains("Total interest");
        assertThat(issue(BEA, address, "\"0\"").status()).isEqualTo(409);
        assertThat(issue(BEA, address, "\"1\"").status()).isEqualTo(201);
        assertThat(BEA.get(address + "/hand-outs")
                        .body()
                        .valueStream()
                        .map(kept -> kept.at("/caseRevision").asInt()))
                .containsExactly(1, 0);
    }

    @Test
    void whatAPracticeIssuedNoOtherSees() {
        String address = BEA.post("/api/cases", Documents.purchase("Fern Rise").toString())
                .header("Location");
        String id = issue(BEA, address, "\"0\"").body().at("/id").asString();
        Client other = Client.ofOwnPractice("Jan Roos", "jan@roos-handouts.example");

        assertThat(other.get("/api/hand-outs/" + id + "/pdf").status()).isEqualTo(404);
        assertThat(other.get(address + "/hand-outs").status()).isEqualTo(404);
        assertThat(issue(other, address, "\"0\"").status()).isEqualTo(404);
        assertThat(new Client().get("/api/hand-outs/" + id + "/pdf").status()).isEqualTo(401);
    }

    @ParameterizedTest
    @CsvSource({
        "/handout/sections, '[\"LOAN\", \"LOAN\"]', /document/handout/sections/1",
        "/handout/greeting, '\"\\u0007\"', /document/handout/greeting",
        "/title, '\"\"', /document/title"
    })
    void whatHasNoMeaningIsToldAtItsField(String path, String json, String pointer) {
        ObjectNode document = brief();
        document.withObject(path.substring(0, path.lastIndexOf('/')))
                .set(path.substring(path.lastIndexOf('/') + 1), Documents.json(json));

        Answer refused = BEA.post("/api/hand-outs/content", question(document));

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/fields/0/pointer").asString()).endsWith(pointer.replace("/document", ""));
    }

    @Test
    void moreDebtsThanACaseHoldsAreRefusedInASentence() {
        ObjectNode document = brief();
        ArrayNode debts = document.putArray("debts");
        for (int i = 0; i < 300; i++) {
            debts.addObject()
                    .put("id", "debt-" + i)
                    .put("name", "card")
                    .put("balanceCents", 100)
                    .put("paymentCents", 10);
        }

        Answer refused = BEA.post("/api/hand-outs/pdf", question(document));

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/detail").asString()).isNotBlank();
        assertThat(refused.body().at("/fields/0/pointer").asString()).endsWith("/debts");
    }

    @Test
    void templatesAndLetterheadBelongToTheirPractice() {
        Client own = Client.ofOwnPractice("Una Field", "una@field-handouts.example");
        assertThat(own.get("/api/letterhead").body().at("/letterhead/name").asString())
                .isEqualTo("Practice of Una Field");
        assertThat(own.get("/api/hand-out-templates").body()).isEmpty();

        String template = own.post("/api/hand-out-templates", "{\"name\": \"Own\", \"says\": " + BRIEF + "}")
                .header("Location");
        assertThat(BEA.delete(template).status()).isEqualTo(404);
        assertThat(own.put(template, "\"3\"", "{\"name\": \"Own\", \"says\": " + BRIEF + "}")
                        .status())
                .isEqualTo(409);
        assertThat(own.delete(template).status()).isEqualTo(204);

        String letterhead = """
                {"name": "Field & Field", "address": "1 Quay", "logo": null,
                 "disclaimers": [{"market": "US", "text": "No warranty."}]}""";
        assertThat(own.putUnconditionally("/api/letterhead", letterhead).status())
                .isEqualTo(200);
        assertThat(own.put("/api/letterhead", "\"0\"", letterhead).status()).isEqualTo(200);
        assertThat(own.put("/api/letterhead", "\"0\"", letterhead).status()).isEqualTo(409);
        JsonNode content = own.post("/api/hand-outs/content", question(Documents.purchase("Fern Rise")))
                .body();
        assertThat(content.at("/letterhead/name").asString()).isEqualTo("Field & Field");
        assertThat(content.at("/disclaimer").asString()).isEqualTo("No warranty.");
        assertThat(BEA.get("/api/letterhead").body().at("/letterhead/name").asString())
                .isEqualTo("Ostrander & Pell");
    }

    @ParameterizedTest
    @CsvSource({
        "logo, '\"data:image/png;base64,aGVsbG8=\"', /logo",
        "logo, '\"https://example.org/logo.png\"', /logo",
        "name, '\"\"', /name",
        "disclaimers, '[{\"market\": \"US\", \"text\": \"a\"}, {\"market\": \"US\", \"text\": \"b\"}]',"
                + " /disclaimers/1/market"
    })
    void whatIsNoLetterheadIsToldAtItsField(String member, String json, String pointer) {
        JsonNode seen = BEA.get("/api/letterhead").body();
        ObjectNode letterhead = (ObjectNode) seen.get("letterhead");
        letterhead.set(member, Documents.json(json));

        Answer refused = BEA.put("/api/letterhead", "\"" + seen.get("revision").asInt() + "\"", letterhead.toString());

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/fields/0/pointer").asString()).isEqualTo(pointer);
    }

    @Test
    void aLogoOfMorePixelsThanPaperShowsIsRefused() throws IOException {
        Client own = Client.ofOwnPractice("Ola Field", "ola@field-handouts.example");
        assertThat(own.putUnconditionally("/api/letterhead", letterheadWithLogo(1000, 400))
                        .status())
                .isEqualTo(200);
        assertThat(own.put("/api/letterhead", "\"0\"", letterheadWithLogo(1001, 400))
                        .messageAt("/logo"))
                .contains("1,000 pixels across");
    }

    private static String letterheadWithLogo(int width, int height) throws IOException {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_BYTE_BINARY), "png", png);
        return "{\"name\": \"Field\", \"address\": \"\", \"logo\": \"data:image/png;base64,"
                + Base64.getEncoder().encodeToString(png.toByteArray()) + "\", \"disclaimers\": []}";
    }

    private static ObjectNode brief() {
        ObjectNode document = Documents.purchase("Lot 3, Fern Rise");
        document.set("handout", Documents.json(BRIEF));
        return document;
    }

    private static String question(ObjectNode document) {
        return "{\"document\": " + document + ", \"titles\": []}";
    }

    private static Answer issue(Client client, String address, String seen) {
        return client.send(client.request(address + "/hand-outs")
                .header("Content-Type", "application/json")
                .header("If-Match", seen)
                .POST(BodyPublishers.ofString("{\"titles\": []}")));
    }

    private static String textOf(Client client, String address) throws IOException {
        try (PDDocument pdf = Loader.loadPDF(client.file(address))) {
            return new PDFTextStripper().getText(pdf);
        }
    }
}
