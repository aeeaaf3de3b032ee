package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Every address of the interface, asked by who may not: addresses.txt says who may, and has to name each. */
class EveryAddressTest {
    private static final JsonMapper JSON = new JsonMapper();

    /** Something of each kind that another practice has, by the address that it is one of. */
    private static final Map<String, String> THEIRS = new HashMap<>();

    private static final String CLIENT = "{\"name\": \"Theirs\"}";
    private static final String RATE_TABLE = """
            {"name": "Theirs", "termMonths": 360, "day": "2026-11-24", "simulated": false,
             "offers": [{"id": "a", "ratePercent": 5.25, "pointsPercent": 1.5}], "addOns": []}""";
    private static final String LIMIT_SET = LimitSetDocuments.set("Theirs").toString();
    private static final String PROGRAMME = LettingDocuments.programme("Theirs").toString();
    private static final String TEMPLATE = "{\"name\": \"Theirs\", \"says\": " + ClientPages.SAYS.formatted("") + "}";

    private static Client owner;
    private static Client advisor;
    private static Client stranger;
    private static Client nobody;

    /** An address, and the least that one has to be to use it. */
    record Address(String who, String method, String path) {
        @Override
        public String toString() {
            return method + " " + path;
        }
    }

    @BeforeAll
    static void aPracticeThatHasSomethingOfEachKind() {
        owner = Client.ofOwnPractice("Oda Fennimore", "oda@every-address.example");
        advisor = People.advisorOf(owner, "Ansel Brook", "ansel@every-address.example");
        nobody = new Client();
        nobody.get("/api/session");
        stranger = Client.ofOwnPractice("Stine Marsh", "stine@other-address.example");

        String address = ClientPages.address(owner, ClientPages.document("Somebody else’s"));
        ClientPages.made(owner, address, null);
        THEIRS.put("/api/cases/", idIn(address));
        THEIRS.put(
                "/api/client-links/", ClientPages.link(owner, address).get("id").asString());
        THEIRS.put("/api/hand-outs/", issued(address));
        THEIRS.put("/api/people/", owner.get("/api/people").body().at("/0/id").asString());
        THEIRS.put(
                "/api/account/sessions/",
                owner.get("/api/account").body().at("/sessions/0/id").asString());
        THEIRS.put("/api/clients/", made("/api/clients", CLIENT));
        THEIRS.put("/api/rate-tables/", made("/api/rate-tables", RATE_TABLE));
        THEIRS.put("/api/limit-sets/", made("/api/limit-sets", LIMIT_SET));
        THEIRS.put("/api/case-uses/", THEIRS.get("/api/limit-sets/"));
        THEIRS.put("/api/programmes/", made("/api/programmes", PROGRAMME));
        THEIRS.put("/api/hand-out-templates/", made("/api/hand-out-templates", TEMPLATE));
    }

    static Stream<Address> addresses() throws IOException {
        try (InputStream file = EveryAddressTest.class.getResourceAsStream("/addresses.txt")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .map(line -> line.split(" "))
                    .map(words -> new Address(words[0], words[1], words[2]));
        }
    }

    @Test
    void ofEachAddressItIsSaidWhoMayUseIt() throws IOException {
        JsonNode paths = JSON.readTree(Files.readString(Path.of("..", "docs", "openapi.json")))
                .get("paths");
        List<String> described = paths.propertyNames().stream()
                .flatMap(path -> paths.get(path).propertyNames().stream()
                        .map(method -> method.toUpperCase(Locale.ROOT) + " " + path))
                .toList();

        assertThat(addresses().map(Address::toString)).containsExactlyInAnyOrderElementsOf(described);
    }

    static Stream<Address> forPeopleOfThePractice() throws IOException {
        return addresses().filter(address -> !address.who().equals("everyone"));
    }

    @ParameterizedTest
    @MethodSource("forPeopleOfThePractice")
    void withoutASessionNothingIsAnswered(Address address) {
        assertThat(ask(nobody, address).status()).isEqualTo(401);
    }

    static Stream<Address> forOwners() throws IOException {
        return addresses().filter(address -> address.who().equals("owner"));
    }

    @ParameterizedTest
    @MethodSource("forOwners")
    void whatOwnersDecideIsRefusedToOthers(Address address) {
        Answer answer = ask(advisor, address);

        assertThat(answer.status()).isEqualTo(403);
        assertThat(answer.body().get("title").asString()).isEqualTo("Only an owner may do this");
    }

    static Stream<Address> forAdvisors() throws IOException {
        return addresses().filter(address -> address.who().equals("advisor"));
    }

    @ParameterizedTest
    @MethodSource("forAdvisors")
    void whatAdvisorsDoIsNotRefusedForTheirRole(Address address) {
        // Their own sessions are theirs to end, which would end this one; and news does not end by itself.
        if (!address.path().equals("/api/account/sessions") && !address.path().endsWith("/news")) {
            assertThat(ask(advisor, address).status()).isNotIn(401, 403, 500);
        }
    }

    static Stream<Address> ofSomething() throws IOException {
        return forPeopleOfThePractice().filter(address -> address.path().contains("{id}"));
    }

    @ParameterizedTest
    @MethodSource("ofSomething")
    void whatAnotherPracticeHasIsNotThere(Address address) {
        Answer answer = ask(stranger, address);
        int status = answer.status();

        if (address.path().equals("/api/case-uses/{id}")) {
            // Of one's own cases none uses it, as none uses what does not exist.
            assertThat(answer.body().get("cases").asInt()).isZero();
        } else if (address.path().equals("/api/account/sessions/{id}")) {
            // One's own are ended by it, and no others: there is nothing to tell.
            assertThat(status).isEqualTo(204);
            assertThat(owner.get("/api/account").status()).isEqualTo(200);
        } else {
            assertThat(status).isEqualTo(404);
        }
    }

    private static Answer ask(Client client, Address address) {
        String path = address.path();
        int start = path.indexOf("{id}");
        if (start >= 0) {
            String theirs = THEIRS.get(path.substring(0, start));
            assertThat(theirs).as("something of another practice at " + path).isNotNull();
            path = path.replace("{id}", theirs);
        }
        path = path.replace("/starting", "/starting?market=US")
                .replaceAll("\\{\\w+}", UUID.randomUUID().toString());
        boolean hasBody = !address.method().equals("GET") && !address.method().equals("DELETE");
        return client.send(client.request(path)
                .header("Content-Type", "application/json")
                .header("If-Match", "\"0\"")
                .method(
                        address.method(),
                        hasBody ? BodyPublishers.ofString(bodyFor(address)) : BodyPublishers.noBody()));
    }

    /** What is sent where the body is looked at before what it is for. */
    private static String bodyFor(Address address) {
        return switch (address.toString()) {
            case "PUT /api/cases/{id}", "POST /api/cases/{id}/states/given-way" ->
                Documents.purchase("Taken").toString();
            case "PUT /api/clients/{id}" -> CLIENT;
            case "PUT /api/rate-tables/{id}" -> RATE_TABLE;
            case "PUT /api/limit-sets/{id}" -> LIMIT_SET;
            case "PUT /api/programmes/{id}" -> PROGRAMME;
            case "PUT /api/hand-out-templates/{id}" -> TEMPLATE;
            case "POST /api/cases/{id}/client-links" ->
                "{\"titles\": [], \"endsOn\": \"" + ClientPages.inDays(30) + "\"}";
            case "POST /api/cases/{id}/hand-outs", "PUT /api/client-links/{id}/shown" -> "{\"titles\": []}";
            case "PUT /api/people/{id}" -> "{\"name\":\"Taken\",\"role\":\"ADVISOR\"}";
            default -> "{}";
        };
    }

    private static String made(String address, String document) {
        Answer created = owner.post(address, document);
        assertThat(created.status()).as(created.response().body()).isEqualTo(201);
        return idIn(created.header("Location"));
    }

    private static String issued(String caseAddress) {
        return owner.send(owner.request(caseAddress + "/hand-outs")
                        .header("Content-Type", "application/json")
                        .header("If-Match", "\"0\"")
                        .POST(BodyPublishers.ofString("{\"titles\": []}")))
                .body()
                .get("id")
                .asString();
    }

    private static String idIn(String address) {
        return address.substring(address.lastIndexOf('/') + 1);
    }
}
