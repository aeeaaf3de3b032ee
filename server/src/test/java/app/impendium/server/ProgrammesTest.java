package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The practice's letting programmes. */
class ProgrammesTest {
    private static final String PROGRAMMES = "/api/programmes";
    private static final Client BEA = Client.signedIn(Client.BEA);

    @Test
    void areKeptByTheirPracticeAloneWithEveryState() {
        Client own = Client.ofOwnPractice("Ida Brandt", "ida@brandt-programmes.example");
        Answer created = own.post(PROGRAMMES, LettingDocuments.programme("Own").toString());
        String address = created.header("Location");
        assertThat(created.status()).isEqualTo(201);
        assertThat(own.get(PROGRAMMES).body().at("/0/programme"))
                .hasToString(LettingDocuments.programme("Own").toString());
        assertThat(own.get("/api/limit-sets").body()).isEmpty();

        String changed = LettingDocuments.programme("Own, stricter").toString();
        assertThat(BEA.put(address, "\"0\"", changed).status()).isEqualTo(404);
        assertThat(BEA.get(address + "/states").status()).isEqualTo(404);
        assertThat(own.put(address, "\"0\"", changed).status()).isEqualTo(200);
        assertThat(own.put(address, "\"0\"", changed).status()).isEqualTo(409);
        assertThat(own.get(address + "/states")
                        .body()
                        .valueStream()
                        .map(state -> state.at("/programme/name").asString()))
                .containsExactly("Own, stricter", "Own");
        assertThat(own.delete(address).status()).isEqualTo(204);
        assertThat(own.get(PROGRAMMES).body()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "bands, '[]', /bands, NO_ENTRIES",
        "bases, '[]', /bases, NO_ENTRIES",
        "bands, '[{\"id\": \"a\", \"leastCover\": 1.1, \"loanToValuePercent\": 80, \"addOnPercent\": 0},"
                + "{\"id\": \"b\", \"leastCover\": 1.10, \"loanToValuePercent\": 75, \"addOnPercent\": 1}]',"
                + " /bands/1/leastCover, BAND_TWICE",
        "bands, '[{\"id\": \"a\", \"leastCover\": 1.3, \"loanToValuePercent\": 70, \"addOnPercent\": 0},"
                + "{\"id\": \"b\", \"leastCover\": 1, \"loanToValuePercent\": 75, \"addOnPercent\": 0}]',"
                + " /bands/0/leastCover, BAND_NEVER_USED",
        "bands, '[{\"id\": \"a\", \"leastCover\": 0, \"loanToValuePercent\": 70, \"addOnPercent\": 0}]',"
                + " /bands/0/leastCover, OUT_OF_RANGE",
        "source, '\"\"', /source, TEXT_LENGTH"
    })
    void refuseWhatIsNoProgrammeAtItsField(String member, String json, String pointer, String code) {
        ObjectNode programme = LettingDocuments.programme("Wrong");
        programme.set(member, Documents.json(json));

        JsonNode refused = BEA.post(PROGRAMMES, programme.toString()).body();

        assertThat(refused.at("/fields/0/pointer").asString()).isEqualTo(pointer);
        assertThat(refused.at("/fields/0/code").asString()).isEqualTo(code);
    }
}
