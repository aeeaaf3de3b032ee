package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The clients of a practice, and whose its cases are. */
class ClientApiTest {
    private static final JsonMapper JSON = new JsonMapper();

    @Test
    void areFoundByNameAddressEmailAndPhoneHoweverTheyAreWritten() {
        Client own = Client.ofOwnPractice("Ida Brandt", "ida@found-clients.example");
        client(own, "Zoé Marrable", "zoe@marrable.example", "(0555) 014-2297", "4 Fern Quay, Marrowby");
        client(own, "Anselm Ogg", "", "+44 5550 9982", "12-14 Fern Rise");

        assertThat(found(own, "marrable ZOE")).containsExactly("Zoé Marrable");
        assertThat(found(own, "fern")).containsExactly("Anselm Ogg", "Zoé Marrable");
        assertThat(found(own, "0555-014 2297")).containsExactly("Zoé Marrable");
        assertThat(found(own, "12-14")).containsExactly("Anselm Ogg");
        assertThat(found(own, "%25")).isEmpty();
        assertThat(found(own, "x".repeat(201))).isEmpty();
        assertThat(own.get("/api/clients?from=-1").status()).isEqualTo(400);
        assertThat(found(Client.ofOwnPractice("Bo Brandt", "bo@found-clients.example"), "fern"))
                .isEmpty();
    }

    @Test
    void areChangedFromTheStateThatWasSeen() {
        Client own = Client.ofOwnPractice("Ida Brandt", "ida@changed-clients.example");
        String address = client(own, "Anselm Ogg", "", "", "");
        String moved = details("Anselm Ogg", "", "", "9 Lock Lane");

        Answer saved = own.put(address, "\"0\"", moved);
        assertThat(saved.status()).isEqualTo(200);
        assertThat(saved.body().at("/details/address").asString()).isEqualTo("9 Lock Lane");
        assertThat(saved.header("ETag")).isEqualTo("\"1\"");
        assertThat(own.put(address, "\"0\"", moved).status())
                .as("sent again, because the answer was lost")
                .isEqualTo(200);
        Answer late = own.put(address, "\"0\"", details("Anselm Ogg", "", "", "1 Lock Lane"));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body().get("detail").asString()).startsWith("Ida Brandt changed this client");
        assertThat(own.delete(address).status()).isEqualTo(204);
        assertThat(own.get(address).status()).isEqualTo(404);
    }

    @Test
    void refuseWhatHasNoMeaningAtItsField() {
        Client own = Client.ofOwnPractice("Ida Brandt", "ida@refused-clients.example");

        assertThat(own.post("/api/clients", details(" ", "", "", "")).messageAt("/name"))
                .isEqualTo("Type the name.");
        assertThat(own.post("/api/clients", details("Ann Ogg", "at home", "", ""))
                        .messageAt("/email"))
                .startsWith("Type an email");
        assertThat(own.post("/api/clients", details("Ann Ogg", "", "5".repeat(61), ""))
                        .messageAt("/phone"))
                .isEqualTo("Use at most 60 characters; these are 61.");
        assertThat(own.post("/api/clients", details("Ann\nOgg", "", "", "")).messageAt("/name"))
                .isEqualTo("Write it in one line.");
        assertThat(own.post("/api/clients", "{}").status()).isEqualTo(422);
    }

    @Test
    void haveTheCasesThatCarryTheirName() {
        Client own = Client.ofOwnPractice("Ida Brandt", "ida@case-clients.example");
        String first = created(own, "3 Fern Quay", "Odile Brandt");
        String second = created(own, "9 Fern Quay", " odile  BRANDT ");
        JsonNode odile = own.get("/api/clients?search=odile").body();
        assertThat(odile.get("total").asInt()).isEqualTo(1);
        assertThat(odile.at("/clients/0/cases").asInt()).isEqualTo(2);
        String id = odile.at("/clients/0/id").asString();
        assertThat(titles(own.get("/api/cases?client=" + id))).containsExactly("9 Fern Quay", "3 Fern Quay");

        // A name that is typed bit by bit leaves no bits behind.
        own.put(first, "\"0\"", document("3 Fern Quay", "Ansel").toString());
        own.put(first, "\"1\"", document("3 Fern Quay", "Anselm Ogg").toString());
        assertThat(found(own, "")).containsExactly("Anselm Ogg", "Odile Brandt");
        assertThat(titles(own.get("/api/cases?client=" + id))).containsExactly("9 Fern Quay");

        // Who is known by more than the name stays, though the case is another's.
        String details = details("Odile Brandt", "", "0555 0142", "");
        own.put("/api/clients/" + id, "\"0\"", details);
        own.put(second, "\"0\"", document("9 Fern Quay", "").toString());
        assertThat(found(own, "")).containsExactly("Anselm Ogg", "Odile Brandt");
        assertThat(own.get(second + "/clients").body()).isEmpty();
    }

    @Test
    void shareACaseWithOthersAndPassItOn() {
        Client own = Client.ofOwnPractice("Ida Brandt", "ida@shared-clients.example");
        Client other = Client.ofOwnPractice("Bo Brandt", "bo@shared-clients.example");
        String address = created(own, "3 Fern Quay", "Odile Brandt");
        String ogg = client(own, "Anselm Ogg", "", "", "").replace("/api/clients/", "");
        String theirs = client(other, "Mine Alone", "", "", "").replace("/api/clients/", "");

        assertThat(own.putUnconditionally(address + "/clients/" + ogg, "").status())
                .isEqualTo(204);
        assertThat(own.putUnconditionally(address + "/clients/" + theirs, "").status())
                .isEqualTo(404);
        assertThat(own.get(address + "/clients").body().findValuesAsString("name"))
                .containsExactly("Anselm Ogg", "Odile Brandt");
        assertThat(own.delete("/api/clients/" + ogg).status()).isEqualTo(409);
        assertThat(own.delete(address + "/clients/" + ogg).status()).isEqualTo(204);
        assertThat(own.delete("/api/clients/" + ogg).status()).isEqualTo(204);
    }

    @Test
    void whoAreKeptTwiceAreMadeOne() {
        Client own = Client.ofOwnPractice("Ida Brandt", "ida@doubled-clients.example");
        created(own, "3 Fern Quay", "Odile Brandt");
        created(own, "9 Fern Quay", "O. Brandt");
        String kept = idOf(own, "Odile");
        String gone = idOf(own, "O.");
        own.put("/api/clients/" + kept, "\"0\"", details("Odile Brandt", "", "0555 0142", ""));
        own.put(
                "/api/clients/" + gone,
                "\"0\"",
                details("O. Brandt", "odile@brandt.example", "05550142", "4 Fern Quay"));
        client(own, "Somebody Else", "", "", "");
        assertThat(own.get("/api/clients/doubles").body().findValuesAsString("name"))
                .containsExactly("O. Brandt", "Odile Brandt");

        Answer merged = own.post("/api/clients/" + kept + "/merge/" + gone, "");

        assertThat(merged.status()).isEqualTo(200);
        ObjectNode known =
                (ObjectNode) JSON.readTree(details("Odile Brandt", "odile@brandt.example", "0555 0142", "4 Fern Quay"));
        assertThat(merged.body().get("details")).isEqualTo(known.put("notes", "Also known as: O. Brandt"));
        assertThat(titles(own.get("/api/cases?client=" + kept))).containsExactly("9 Fern Quay", "3 Fern Quay");
        assertThat(own.get("/api/clients/" + gone).status()).isEqualTo(404);
        assertThat(own.get("/api/clients/doubles").body()).isEmpty();
        assertThat(own.post("/api/clients/" + kept + "/merge/" + kept, "").status())
                .isEqualTo(409);
    }

    @Test
    void whatBothKnowDifferentlyIsKeptInTheNotes() {
        Client own = Client.ofOwnPractice("Ida Brandt", "ida@merged-clients.example");
        String kept = client(own, "Odile Brandt", "odile@home.example", "0555 0142", "4 Fern Quay");
        String gone = client(own, "Odile Brandt", "odile@work.example", "0555 0199", "1 Mill Lane");

        JsonNode merged = own.post(kept + "/merge/" + gone.substring(gone.lastIndexOf('/') + 1), "")
                .body()
                .get("details");

        assertThat(merged.get("email").asString()).isEqualTo("odile@home.example");
        assertThat(merged.get("notes").asString())
                .isEqualTo("Other email: odile@work.example\n\nOther phone: 0555 0199\n\nOther address: 1 Mill Lane");
    }

    @Test
    void severalInOneNameAreMadeSeveralWhoShareTheCases() {
        Client own = Client.ofOwnPractice("Ida Brandt", "ida@divided-clients.example");
        client(own, "Mira Brook", "mira@brook.example", "", "");
        created(own, "5 Fern Quay", "Ansel Brook, mira brook, Otto Brook");
        String several = idOf(own, "otto");

        Answer divided = own.post("/api/clients/" + several + "/division", "");

        assertThat(divided.status()).isEqualTo(200);
        assertThat(divided.body().findValuesAsString("name"))
                .containsExactly("Ansel Brook", "Mira Brook", "Otto Brook");
        for (JsonNode each : divided.body()) {
            assertThat(titles(own.get("/api/cases?client=" + each.get("id").asString())))
                    .containsExactly("5 Fern Quay");
        }
        assertThat(found(own, "brook")).containsExactly("Ansel Brook", "Mira Brook", "Otto Brook");
        assertThat(own.post("/api/clients/" + several + "/division", "").status())
                .isEqualTo(409);
    }

    private static String client(Client own, String name, String email, String phone, String address) {
        Answer created = own.post("/api/clients", details(name, email, phone, address));
        assertThat(created.status()).as(created.response().body()).isEqualTo(201);
        return created.header("Location");
    }

    private static String details(String name, String email, String phone, String address) {
        return JSON.createObjectNode()
                .put("name", name)
                .put("email", email)
                .put("phone", phone)
                .put("address", address)
                .put("notes", "")
                .toString();
    }

    private static JsonNode document(String title, String clients) {
        return Documents.purchase(title).put("clients", clients);
    }

    private static String created(Client own, String title, String clients) {
        return own.post("/api/cases", document(title, clients).toString()).header("Location");
    }

    private static String idOf(Client own, String search) {
        return own.get("/api/clients?search=" + search)
                .body()
                .at("/clients/0/id")
                .asString();
    }

    private static List<String> found(Client own, String search) {
        return own.get("/api/clients?search=" + search.replace(" ", "%20").replace("+", "%2B"))
                .body()
                .get("clients")
                .findValuesAsString("name");
    }

    private static List<String> titles(Answer list) {
        return list.body().get("cases").findValuesAsString("title");
    }
}
