package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import app.impendium.server.casefile.StateThinning;
import java.net.http.HttpRequest.BodyPublishers;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** What a case said before. */
class HistoryApiTest {
    private static final JdbcClient DATABASE = RunningServer.bean(JdbcClient.class);
    private static final Client BEA = Client.signedIn(Client.BEA);

    @Test
    void everySavedStateIsThereWithWhoSavedIt() {
        String address = saved("Pear Tree Yard", 2);
        Client.signedIn(Client.TOBIAS).put(address, "\"2\"", document("Pear Tree Yard 3"));

        JsonNode history = history(address, 0);

        assertThat(history.get("total").asInt()).isEqualTo(4);
        assertThat(titles(history))
                .containsExactly("Pear Tree Yard 3", "Pear Tree Yard 2", "Pear Tree Yard 1", "Pear Tree Yard 0");
        assertThat(history.at("/states/0/savedBy").asString()).isEqualTo("Tobias Pell");
        assertThat(history.at("/states/1/savedBy").asString()).isEqualTo("Bea Ostrander");
        assertThat(history.at("/states/3/revision").asInt()).isZero();
        assertThat(history.get("before").isNull()).isTrue();
    }

    @Test
    void aLongHistoryComesInPartsEachWithWhatWasBefore() {
        String address = saved("Long Acre", 30);

        JsonNode latest = history(address, 0);
        JsonNode earlier = history(address, 25);

        assertThat(titles(latest)).hasSize(25).startsWith("Long Acre 30").endsWith("Long Acre 6");
        assertThat(latest.at("/before/title").asString()).isEqualTo("Long Acre 5");
        assertThat(titles(earlier)).hasSize(6).startsWith("Long Acre 5");
        assertThat(BEA.get(address + "/states?from=-1").status()).isEqualTo(400);
    }

    @Test
    void aStateIsCalledByNameAndLosesItAgain() {
        String address = saved("Named Lane", 1);
        String state =
                address + "/states/" + history(address, 0).at("/states/1/id").asString() + "/name";

        Answer named = BEA.putUnconditionally(state, "{\"name\": \" As sent to the lender \"}");
        assertThat(named.body().get("name").asString()).isEqualTo("As sent to the lender");
        assertThat(history(address, 0).at("/states/1/name").asString()).isEqualTo("As sent to the lender");

        assertThat(BEA.putUnconditionally(state, "{\"name\": \"" + "x".repeat(81) + "\"}")
                        .messageAt("/name"))
                .contains("at most 80 characters");
        BEA.putUnconditionally(state, "{\"name\": null}");
        assertThat(history(address, 0).at("/states/1/name").isNull()).isTrue();
        assertThat(BEA.putUnconditionally(
                                saved("Other Lane", 0) + state.substring(address.length()), "{\"name\": \"Mixed up\"}")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void whatGaveWayToAColleagueIsKeptBesideIt() {
        String address = saved("Two Minds", 1);

        assertThat(BEA.post(address + "/states/given-way", document("Two Minds, mine"))
                        .status())
                .isEqualTo(204);

        JsonNode history = history(address, 0);
        assertThat(titles(history)).containsExactly("Two Minds, mine", "Two Minds 1", "Two Minds 0");
        assertThat(history.at("/states/0/gaveWay").asBoolean()).isTrue();
        assertThat(BEA.get(address).body().at("/document/title").asString()).isEqualTo("Two Minds 1");
        assertThat(BEA.put(address, "\"1\"", document("Two Minds 2")).status()).isEqualTo(200);
    }

    @Test
    void ofOldStatesTheLastOfEachDayIsKeptAndWhateverIsNamedOrHandedOut() {
        String address = saved("Old Mill", 6);
        handOut(address);
        BEA.put(address, "\"6\"", document("Old Mill 7"));
        BEA.put(address, "\"7\"", document("Old Mill 8"));
        List<String> ids = new ArrayList<>();
        history(address, 0)
                .get("states")
                .forEach(state -> ids.add(state.get("id").asString()));
        BEA.putUnconditionally(address + "/states/" + ids.get(4) + "/name", "{\"name\": \"As sent to the lender\"}");
        // Revisions 0 to 3 on one day, 4 to 7 on another, both long ago; the last is of today.
        age(address, "revision <= 3", 61);
        age(address, "revision between 4 and 7", 45);

        RunningServer.bean(StateThinning.class).run();

        assertThat(titles(history(address, 0)))
                .containsExactly("Old Mill 8", "Old Mill 7", "Old Mill 6", "Old Mill 4", "Old Mill 3", "Old Mill 0");
    }

    private static void handOut(String address) {
        BEA.send(BEA.request(address + "/hand-outs")
                .header("Content-Type", "application/json")
                .header("If-Match", "\"6\"")
                .POST(BodyPublishers.ofString("{\"titles\": []}")));
    }

    private static void age(String address, String which, int days) {
        DATABASE.sql("update case_state set saved_at = date_trunc('day', now()) - make_interval(days => ?)"
                        + " + make_interval(mins => revision) where case_id = cast(? as uuid) and " + which)
                .params(days, address.substring(address.lastIndexOf('/') + 1))
                .update();
    }

    /** A case that was saved so many times after it was begun. */
    private static String saved(String title, int times) {
        String address = BEA.post("/api/cases", document(title + " 0")).header("Location");
        for (int i = 0; i < times; i++) {
            BEA.put(address, "\"" + i + "\"", document(title + " " + (i + 1)));
        }
        return address;
    }

    private static String document(String title) {
        return Documents.purchase(title).toString();
    }

    private static JsonNode history(String address, int from) {
        return BEA.get(address + "/states?from=" + from).body();
    }

    private static List<String> titles(JsonNode history) {
        List<String> titles = new ArrayList<>();
        history.get("states")
                .forEach(state -> titles.add(state.at("/document/title").asString()));
        return titles;
    }
}
