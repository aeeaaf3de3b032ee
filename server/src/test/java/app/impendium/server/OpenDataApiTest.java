package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.evaluation.ScheduleView;
import app.impendium.server.handout.DemoCases;
import java.io.IOException;
import java.io.StringReader;
import java.math.BigDecimal;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A case as files that others can read. */
class OpenDataApiTest {
    private static final Client BEA = Client.signedIn(Client.BEA);

    @ParameterizedTest
    @ValueSource(strings = {"weir-house", "tollgate-rise", "heron-mews", "cinder-hill"})
    void theScheduleAsValuesIsTheScheduleToTheCent(String name) throws IOException {
        CaseDocument document = DemoCases.read(name);
        ScheduleView schedule = new CaseAnswers(document).schedule(0);

        List<CSVRecord> lines = lines(BEA.post("/api/open-data/schedule?option=0", json(document)), ',');

        assertThat(lines).hasSize(schedule.balanceCents().size() - 1);
        for (CSVRecord line : lines) {
            int payment = Integer.parseInt(line.get("payment"));
            assertThat(line.get("date"))
                    .isEqualTo(schedule.dates().get(payment - 1).toString());
            assertThat(cents(line, "amount")).isEqualTo(schedule.paymentCents().get(payment));
            assertThat(cents(line, "interest"))
                    .isEqualTo(schedule.interestCents().get(payment));
            assertThat(cents(line, "principal"))
                    .isEqualTo(schedule.principalCents().get(payment));
            assertThat(cents(line, "extra")).isEqualTo(schedule.extraCents().get(payment));
            assertThat(cents(line, "balance")).isEqualTo(schedule.balanceCents().get(payment));
        }
    }

    @Test
    void theOptionsAsValuesAreTheComparison() throws IOException {
        CaseDocument document = DemoCases.read("quarry-lane");
        JsonNode compared = BEA.post("/api/comparisons", json(document)).body().at("/options");

        List<CSVRecord> lines = lines(
                BEA.post(
                        "/api/open-data/options?separator=SEMICOLON",
                        "{\"document\": " + json(document) + ", \"titles\": [\"=1+1\"]}"),
                ';');

        assertThat(lines).hasSize(compared.size());
        assertThat(lines.get(0).get("option")).isEqualTo("'=1+1");
        for (int i = 0; i < lines.size(); i++) {
            assertThat(cents(lines.get(i), "payment"))
                    .isEqualTo(compared.get(i).at("/figures/paymentCents").asLong());
            assertThat(cents(lines.get(i), "all-in cost"))
                    .isEqualTo(compared.get(i).at("/kept/costCents").asLong());
            assertThat(cents(lines.get(i), "total interest"))
                    .isEqualTo(compared.get(i).at("/figures/totalInterestCents").asLong());
        }
    }

    @ParameterizedTest
    @CsvSource({"incomes, /household/incomes", "debts, /debts"})
    void whatPeopleEarnAndOweIsReadBackAsItWas(String list, String path) {
        ObjectNode document = (ObjectNode) new JsonMapper().readTree(json(DemoCases.read("harrow-court")));
        String text = BEA.post("/api/open-data/" + list, document.toString())
                .response()
                .body();

        JsonNode readBack = BEA.post(
                        "/api/household/" + list + "/csv",
                        new JsonMapper().createObjectNode().put("text", text).toString())
                .body();

        assertThat(readBack).hasSameSizeAs(document.at(path)).isNotEmpty();
        for (int i = 0; i < readBack.size(); i++) {
            JsonNode entry = readBack.get(i);
            assertThat(without(entry.has("income") ? entry.get("income") : entry))
                    .isEqualTo(without(document.at(path).get(i)));
            if (entry.has("income")) {
                assertThat(entry.get("person").asString()).isEqualTo(personOf(document, i));
            }
        }
    }

    private static String personOf(ObjectNode document, int income) {
        String id = document.at("/household/incomes").get(income).get("person").asString();
        return document.at("/household/people")
                .valueStream()
                .filter(person -> person.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow()
                .get("name")
                .asString();
    }

    @ParameterizedTest
    @ValueSource(strings = {"+ bonus", "-7 adjustment", "=SUM(A1)", "@home", "'-quoted", "''=twice", "'plain", "Möbel"})
    void aNameIsReadBackWithTheSignsThatItBeganWith(String name) {
        ObjectNode document = (ObjectNode) new JsonMapper().readTree(json(DemoCases.read("harrow-court")));
        ((ObjectNode) document.at("/debts/0")).put("name", name);
        ((ObjectNode) document.at("/household/incomes/0")).put("name", name);

        for (String list : List.of("incomes", "debts")) {
            String text = BEA.post("/api/open-data/" + list, document.toString())
                    .response()
                    .body();
            JsonNode readBack = BEA.post(
                            "/api/household/" + list + "/csv",
                            new JsonMapper()
                                    .createObjectNode()
                                    .put("text", text)
                                    .toString())
                    .body();
            assertThat(text).startsWith("\ufeff");
            assertThat(readBack.get(0).findValue("name").asString()).isEqualTo(name);
        }
    }

    @Test
    void aCaseOfAnEarlierFormatIsReadAsOneOfToday() {
        ObjectNode option = (ObjectNode) new JsonMapper()
                .readTree(FormatsTest.class.getResourceAsStream("/formats/1/cinder-hill.json"))
                .at("/options/0");
        Answer answer = BEA.post(
                "/api/open-data/case/reading", Documents.ofFormat1(option).toString());

        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.body().at("/document/format").asInt()).isEqualTo(CaseDocument.FORMAT);
        assertThat(answer.body().at("/evaluation/options/0/paymentCents").asLong())
                .isPositive();
    }

    @Test
    void nothingThatIsTypedBecomesAFormula() {
        ObjectNode document = (ObjectNode) new JsonMapper().readTree(json(DemoCases.read("harrow-court")));
        ((ObjectNode) document.at("/debts/0")).put("name", "@SUM(A1), \"so\"");

        assertThat(BEA.post("/api/open-data/debts", document.toString())
                        .response()
                        .body())
                .contains("\"'@SUM(A1), \"\"so\"\"\"")
                .contains("\r\n");
    }

    @Test
    void aCaseWithoutFiguresIsRefusedInWords() {
        ObjectNode document = Documents.purchaseWith("terms.ratePercent", "-1");

        assertThat(BEA.post("/api/open-data/schedule?option=0", document.toString())
                        .status())
                .isEqualTo(422);
        assertThat(BEA.post("/api/open-data/schedule?option=4", json(DemoCases.read("weir-house")))
                        .status())
                .isEqualTo(404);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/hand-outs/content",
                "/api/hand-outs/pdf",
                "/api/workbooks",
                "/api/open-data/case",
                "/api/open-data/case/reading",
                "/api/open-data/schedule?option=0",
                "/api/open-data/options",
                "/api/open-data/incomes",
                "/api/open-data/debts",
                "/api/open-data/calendar?option=0&caseId=5b0d2f5e-0a52-4a3c-9d3a-6c1f7e0a9b11"
            })
    void halfACaseIsRefusedAtItsFields(String address) {
        for (String body : List.of(
                "{}",
                "{\"options\": [null]}",
                "{\"document\": {}}",
                "{\"document\": {\"title\": \"A\", \"clients\": \"\", \"options\": [null]}}",
                "{\"household\": {\"incomes\": [{}]}, \"debts\": [{}]}")) {
            assertThat(BEA.post(address, body).status()).as(body).isBetween(400, 422);
        }
    }

    private static JsonNode without(JsonNode entry) {
        return ((ObjectNode) entry.deepCopy()).remove(List.of("id", "person", "simulated"));
    }

    private static List<CSVRecord> lines(Answer answer, char separator) throws IOException {
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.header("Content-Type")).startsWith("text/csv");
        return CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator)
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(answer.response().body().substring(1)))
                .getRecords();
    }

    private static long cents(CSVRecord line, String column) {
        return new BigDecimal(line.get(column)).movePointRight(2).longValueExact();
    }

    private static String json(CaseDocument document) {
        return RunningServer.bean(JsonMapper.class).writeValueAsString(document);
    }
}
