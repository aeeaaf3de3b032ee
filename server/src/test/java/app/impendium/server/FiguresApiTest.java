package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The one question that a case at work asks at each change: what it is told is what its views are told. */
class FiguresApiTest {
    private static final Path DEMO = Path.of("src", "main", "resources", "demo");
    private static final Client BEA = Client.signedIn(Client.BEA);

    static Stream<Path> cases() throws IOException {
        try (Stream<Path> files = Files.list(DEMO)) {
            return files.filter(file -> read(file).has("options")).sorted().toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("cases")
    void tellsWhatEachViewIsTold(Path file) {
        JsonNode document = read(file);
        JsonNode sets = read(DEMO.resolve("limits.json"));
        JsonNode programmes = read(DEMO.resolve("programmes.json"));

        JsonNode figures = ask("/api/figures", question(document, sets, programmes.get(0)));

        assertThat(figures.get("options"))
                .isEqualTo(ask("/api/evaluations", document).get("options"));
        JsonNode headlines = figures.get("headlines");
        assertThat(headlines.get("cheapestThen"))
                .isEqualTo(ask("/api/comparisons", document).get("cheapestThen"));
        assertThat(headlines.get("options")).hasSameSizeAs(document.get("options"));
        for (int option = 0; option < document.get("options").size(); option++) {
            JsonNode headline = headlines.at("/options/" + option);
            JsonNode told = ask("/api/affordability/" + option, question(document, sets, null));
            assertThat(headline.get("sets")).hasSameSizeAs(sets);
            IntStream.range(0, sets.size())
                    .forEach(set -> checkSet(headline.at("/sets/" + set), told.at("/sets/" + set)));
            checkLetting(headline.get("letting"), document, option, programmes.get(0));
        }
    }

    @Test
    void tellsFiguresWhereAHeadlineCannotBeTold() {
        ObjectNode document = GoldenHouseholds.earning("0.00");

        JsonNode figures = ask("/api/figures", question(document, JsonNodeFactory.instance.arrayNode(), null));

        assertThat(figures.get("options")).hasSize(1);
        assertThat(figures.at("/headlines/options/0/sets")).isEmpty();
        assertThat(figures.at("/headlines/options/0/letting").isNull()).isTrue();
    }

    @Test
    void saysWhatIsWrongAtItsField() {
        ObjectNode document = GoldenHouseholds.earning("6200.00");
        ObjectNode set = LimitSetDocuments.set("Ours").put("balanceSharePercent", 900);

        Answer answer = BEA.post(
                "/api/figures",
                question(document, JsonNodeFactory.instance.arrayNode().add(set), null)
                        .toString());

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().at("/fields/0/pointer").asString()).isEqualTo("/sets/0/balanceSharePercent");
    }

    private static void checkSet(JsonNode headline, JsonNode told) {
        assertThat(headline.get("isMet")).isEqualTo(told.get("isMet"));
        assertThat(headline.get("monthlyIncomeCents")).isEqualTo(told.get("monthlyIncomeCents"));
        JsonNode binding = told.get("binding");
        assertThat(headline.get("deciding"))
                .isEqualTo(binding.isNull() ? binding : told.get("readings").get(binding.asInt()));
    }

    private static void checkLetting(JsonNode headline, JsonNode document, int option, JsonNode programme) {
        if (!document.path("letting").path("rentCents").isNumber()) {
            assertThat(headline.isNull()).isTrue();
            return;
        }
        ObjectNode question = JsonNodeFactory.instance.objectNode();
        question.set("document", document);
        question.putArray("programmes").add(programme);
        question.put("chosen", 0);
        JsonNode told = ask("/api/letting/" + option, question).get("chosen");
        assertThat(headline.get("cover")).isEqualTo(told.get("cover"));
        assertThat(headline.get("coverUnit")).isEqualTo(told.get("coverUnit"));
        assertThat(headline.get("isLent").asBoolean())
                .isEqualTo(!told.get("lentAt").isNull());
    }

    private static ObjectNode question(JsonNode document, JsonNode sets, JsonNode programme) {
        ObjectNode question = JsonNodeFactory.instance.objectNode();
        question.set("document", document);
        question.set("sets", (ArrayNode) sets);
        if (programme != null) {
            question.set("programme", programme);
        }
        return question;
    }

    private static JsonNode ask(String address, JsonNode question) {
        Answer answer = BEA.post(address, question.toString());
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        return answer.body();
    }

    private static JsonNode read(Path file) {
        try {
            return Documents.json(Files.readString(file));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
