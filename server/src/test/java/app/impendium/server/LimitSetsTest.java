package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The practice's limit sets, with their history and those that a practice can start with. */
class LimitSetsTest {
    private static final String SETS = "/api/limit-sets";
    private static final Client BEA = Client.signedIn(Client.BEA);

    @Test
    void areKeptByTheirPracticeAloneWithEveryState() {
        Client ida = Client.ofOwnPractice("Ida Brandt", "ida@brandt-limits.example");
        Answer created = ida.post(SETS, LimitSetDocuments.set("House limits").toString());
        String address = created.header("Location");
        assertThat(created.status()).isEqualTo(201);
        assertThat(created.body().get("isPublic").asBoolean()).isFalse();
        assertThat(ida.get(SETS).body().at("/0/set"))
                .hasToString(LimitSetDocuments.set("House limits").toString());

        String changed = LimitSetDocuments.set("House limits, tighter").toString();
        assertThat(BEA.put(address, "\"0\"", changed).status()).isEqualTo(404);
        assertThat(BEA.delete(address).status()).isEqualTo(404);
        assertThat(BEA.get(address + "/states").status()).isEqualTo(404);
        assertThat(BEA.get(SETS).body().toString()).doesNotContain("House limits");
        assertThat(ida.put(address, "\"0\"", changed).status()).isEqualTo(200);
        assertThat(ida.put(address, "\"0\"", changed).status()).isEqualTo(409);
        JsonNode states = ida.get(address + "/states").body();
        assertThat(states.valueStream().map(state -> state.at("/set/name").asString()))
                .containsExactly("House limits, tighter", "House limits");
        assertThat(states.at("/1/savedBy").asString()).isEqualTo("Ida Brandt");
        assertThat(ida.delete(address).status()).isEqualTo(204);
        assertThat(ida.get(SETS).body()).isEmpty();
    }

    @Test
    void twoOfOneNameAreRefusedWhateverTheirCapitals() {
        Client ida = Client.ofOwnPractice("Ida Brandt", "ida@same-name.example");
        String address =
                ida.post(SETS, LimitSetDocuments.set("House limits").toString()).header("Location");
        ida.post(SETS, LimitSetDocuments.set("Ferry Bank").toString());

        assertThat(ida.post(SETS, LimitSetDocuments.set(" house LIMITS ").toString())
                        .messageAt("/name"))
                .isEqualTo("The practice has a limit set called “house LIMITS”.");
        assertThat(ida.put(address, "\"0\"", LimitSetDocuments.set("Ferry Bank").toString())
                        .status())
                .isEqualTo(422);
        assertThat(ida.put(
                                address,
                                "\"0\"",
                                LimitSetDocuments.set("House limits").toString())
                        .status())
                .isEqualTo(200);
    }

    @Test
    void changedFromManySidesAtOnceTakeOneChangeAfterTheOther() throws Exception {
        Client ida = Client.ofOwnPractice("Ida Brandt", "ida@many-sides.example");
        ExecutorService atOnce = Executors.newFixedThreadPool(6);
        try {
            for (int round = 0; round < 5; round++) {
                String name = "Round " + round;
                String address =
                        ida.post(SETS, LimitSetDocuments.set(name).toString()).header("Location");
                String changed = LimitSetDocuments.set(name + ", tighter").toString();
                Callable<Integer> save =
                        () -> ida.put(address, "\"0\"", changed).status();
                Callable<Integer> delete = () -> ida.delete(address).status();
                List<Integer> answers = new ArrayList<>();
                for (Future<Integer> each : atOnce.invokeAll(List.of(save, save, delete, save, delete, save))) {
                    answers.add(each.get());
                }
                assertThat(answers).contains(204).isSubsetOf(200, 204, 404, 409);
                assertThat(ida.get(SETS).body()).isEmpty();
            }
        } finally {
            atOnce.shutdownNow();
        }
    }

    @ParameterizedTest
    @CsvSource({"US, 4, Conventional", "CA, 1, Insured", "GB, 1, Residential", "AU, 1, Owner-occupier"})
    void startWithThoseOfAMarketOnce(String market, int count, String first) {
        Client own = Client.ofOwnPractice("Ida " + market, "ida@start-" + market + ".example");
        JsonNode started = own.post(SETS + "/starting?market=" + market, "").body();
        assertThat(started).hasSize(count);
        assertThat(started.at("/0/set/name").asString()).isEqualTo(first);
        assertThat(started.at("/0/set/source").asString()).isNotBlank();
        assertThat(started.valueStream().map(set -> set.get("isPublic").asBoolean()))
                .containsOnly(true);
        assertThat(own.post(SETS + "/starting?market=" + market, "").body()).isEmpty();
        assertThat(own.get(SETS).body()).hasSize(count);
    }

    @Test
    void tellEverythingThatIsWrongAtOnce() {
        ObjectNode set = LimitSetDocuments.set(" ").put("longestTermYears", 51);
        ObjectNode test = set.withArray("tests").addObject().put("id", "t9").put("measure", "SCORE");
        test.put("limit", 620.5).putArray("conditions");
        set.withArray("tests").addObject().put("id", "t9").put("measure", "FRONT_END");

        JsonNode refused = BEA.post(SETS, set.toString()).body();

        assertThat(refused.at("/fields")
                        .valueStream()
                        .map(field -> field.get("pointer").asString()))
                .containsExactly("/name", "/tests/2/id", "/tests/1/limit", "/tests/2/limit");
        JsonNode table = Documents.json("""
                {"id": "x", "measure": "FRONT_END", "byHousehold": {"mostPeople": 0, "regions": [
                  {"id": "a", "region": "North", "bySizeCents": [], "perFurtherCents": -1}]}}
                """);
        ObjectNode withTable = LimitSetDocuments.set("Tables");
        withTable.withArray("tests").add(table);
        assertThat(BEA.post(SETS, withTable.toString())
                        .body()
                        .at("/fields")
                        .valueStream()
                        .map(field -> field.get("pointer").asString()))
                .containsExactly(
                        "/tests/1/byHousehold/mostPeople",
                        "/tests/1/byHousehold/regions/0/bySizeCents",
                        "/tests/1/byHousehold/regions/0/perFurtherCents");
    }
}
