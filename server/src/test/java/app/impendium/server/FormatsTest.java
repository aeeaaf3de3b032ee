package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A document of any format that was ever written opens, with the figures that it had then. */
class FormatsTest {
    private static final Path FORMATS = Path.of("src", "test", "resources", "formats");
    private static final Client BEA = Client.signedIn(Client.BEA);

    @ParameterizedTest
    @MethodSource("documents")
    void opensWithTheFiguresThatItHad(Path file) throws IOException {
        JsonNode document = Documents.json(Files.readString(file));
        JsonNode expected =
                Documents.json(Files.readString(FORMATS.resolve("figures").resolve(file.getFileName())));

        Answer answer = BEA.post("/api/evaluations", document.toString());

        assertThat(answer.status()).as(answer.response().body()).isEqualTo(200);
        JsonNode options = answer.body().get("options");
        assertThat(options).hasSize(expected.size());
        for (int i = 0; i < expected.size(); i++) {
            assertThat(figuresOf(options.get(i))).isEqualTo(inOrder(expected.get(i)));
        }
    }

    private static Map<String, String> figuresOf(JsonNode option) {
        ObjectNode figures = (ObjectNode) Documents.json("{}");
        for (String name : List.of(
                "loanCents",
                "downCents",
                "paymentCents",
                "payments",
                "lastPaymentCents",
                "totalInterestCents",
                "totalPaidCents",
                "payoffDate",
                "toLenderCents",
                "annualPercentageRate")) {
            figures.set(name, option.get(name));
        }
        figures.set("monthCents", option.at("/housingCost/totalCents"));
        figures.set("cashToCloseCents", option.at("/cashToClose/totalCents"));
        figures.set("fiveYearsCents", option.at("/fiveYears/paidCents"));
        return inOrder(figures);
    }

    private static Map<String, String> inOrder(JsonNode figures) {
        Map<String, String> values = new java.util.TreeMap<>();
        figures.propertyStream()
                .forEach(figure -> values.put(figure.getKey(), figure.getValue().toString()));
        return values;
    }

    @Test
    void aStoredDocumentIsReadInTheLatestFormat() throws IOException {
        Answer created =
                BEA.post("/api/cases", Documents.purchase("Kept for years").toString());
        String address = created.header("Location");
        String old = Files.readString(FORMATS.resolve("1").resolve("everything.json"));
        RunningServer.bean(JdbcClient.class)
                .sql("update case_file set document = ?::jsonb where id = ?::uuid")
                .param(old)
                .param(address.substring(address.lastIndexOf('/') + 1))
                .update();

        JsonNode document = BEA.get(address).body().get("document");

        assertThat(document.get("format").asInt()).isEqualTo(2);
        assertThat(document.get("options").findValuesAsString("id"))
                .contains("option-1", "option-4", "extra-1", "extra-2", "change-1", "item-1", "item-6");
        assertThat(document.at("/assumptions/homeValuePercent").asString()).isEqualTo("-1.25");
        assertThat(document.at("/options/0/housing/escrowed").asBoolean()).isFalse();
        assertThat(document.at("/options/0/closing/items/0").toString())
                .isEqualTo("{\"id\":\"item-1\",\"kind\":\"POINTS\",\"amount\":{\"cents\":null,\"percent\":1.125},"
                        + "\"paidBy\":null}");
    }

    @Test
    void whatFormat1DidNotKnowIsRefusedWhereItStands() {
        ObjectNode option = (ObjectNode) Documents.json("{\"priceCents\":1,\"loanCents\":2,\"ratePercent\":\"x\"}");

        assertThat(BEA.post("/api/evaluations", Documents.ofFormat1(option).toString())
                        .messageAt("/options/0/financing/loanCents"))
                .startsWith("the field loanCents is not allowed here");
        option.remove("loanCents");
        assertThat(BEA.post("/api/evaluations", Documents.ofFormat1(option).toString())
                        .messageAt("/options/0/terms/ratePercent"))
                .startsWith("this value is not allowed here");
        option.remove("ratePercent");
        option.put("surprise", 1);
        assertThat(BEA.post("/api/evaluations", Documents.ofFormat1(option).toString())
                        .messageAt("/options/0/surprise"))
                .startsWith("the field surprise is not allowed here");
    }

    static Stream<Path> documents() throws IOException {
        try (Stream<Path> files = Files.walk(FORMATS, 2)) {
            return files
                    .filter(file -> file.toString().endsWith(".json")
                            && !file.getParent().endsWith("figures"))
                    .sorted()
                    .toList()
                    .stream();
        }
    }
}
