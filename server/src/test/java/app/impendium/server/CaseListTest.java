package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The list of cases: what it tells of each, how it is sorted and filtered, and what is done to many at once. */
class CaseListTest {
    private static final LocalDate TODAY = LocalDate.now(ZoneOffset.UTC);

    @Test
    void tellsWhatComesNext() {
        Client own = Client.ofOwnPractice("Ida Brandt", "ida@next-days.example");
        created(own, purchase("Begins soon", TODAY.plusDays(12)));
        ObjectNode fixed = purchase("Rate ends", TODAY.minusMonths(22));
        created(own, Documents.set(fixed, "terms.rateTermMonths", "24"));
        created(own, purchase("Runs", TODAY.minusMonths(60)));

        JsonNode cases = own.get("/api/cases?sort=NEXT_DAY").body().get("cases");
        assertThat(cases.findValuesAsString("title")).containsExactly("Begins soon", "Rate ends", "Runs");
        assertThat(cases.at("/0/next/kind").asString()).isEqualTo("FIRST_PAYMENT");
        assertThat(cases.at("/0/next/day").asString())
                .isEqualTo(TODAY.plusDays(12).toString());
        assertThat(cases.at("/1/next/kind").asString()).isEqualTo("RATE_ENDS");
        assertThat(cases.at("/2/next/kind").asString()).isIn("INSURANCE_CAN_END", "PAID_OFF");
        assertThat(titles(own, "next=RATE_ENDS")).containsExactly("Rate ends");
        assertThat(titles(own, "nextWithinDays=14")).containsExactly("Begins soon");
    }

    @Test
    void tellsHowCasesStandAgainstThePracticesLimitsAlsoWhenThoseChange() {
        Client own = Client.ofOwnPractice("Ida Brandt", "ida@list-limits.example");
        own.post("/api/limit-sets/starting?market=US", "");
        created(own, GoldenHouseholds.earning("1900.00").put("title", "Little"));
        created(own, GoldenHouseholds.earning("19000.00").put("title", "Much"));
        created(own, Documents.purchase("Nobody’s"));

        JsonNode cases = own.get("/api/cases?sort=LIMITS").body().get("cases");
        assertThat(cases.findValuesAsString("title")).containsExactly("Little", "Much", "Nobody’s");
        int sets = cases.at("/1/limits/sets").asInt();
        assertThat(sets).isEqualTo(own.get("/api/limit-sets").body().size());
        assertThat(cases.at("/0/limits/met").asInt()).isZero();
        assertThat(cases.at("/1/limits/met").asInt()).isPositive();
        assertThat(cases.at("/2/limits").isNull()).isTrue();
        assertThat(titles(own, "limits=NONE_MET")).containsExactly("Little");
        assertThat(titles(own, "limits=UNKNOWN")).containsExactly("Nobody’s");

        for (JsonNode set : own.get("/api/limit-sets").body()) {
            own.delete("/api/limit-sets/" + set.get("id").asString());
        }
        awaitTitles(own, "limits=UNKNOWN", 3);
    }

    @Test
    void aCaseThatCannotBeReadKeepsNoOtherWaiting() {
        Client own = Client.ofOwnPractice("Ida Brandt", "ida@list-unreadable.example");
        own.post("/api/limit-sets/starting?market=US", "");
        String broken = idOf(created(own, GoldenHouseholds.earning("19000.00").put("title", "Broken")));
        created(own, GoldenHouseholds.earning("19000.00").put("title", "Much"));
        RunningServer.bean(JdbcClient.class)
                .sql("update case_file set document = '{\"format\": 0}' where id = ?::uuid")
                .param(broken)
                .update();

        for (JsonNode set : own.get("/api/limit-sets").body()) {
            own.delete("/api/limit-sets/" + set.get("id").asString());
        }

        awaitTitles(own, "limits=UNKNOWN", 1);
        assertThat(titles(own, "limits=UNKNOWN")).containsExactly("Much");
    }

    @Test
    void sortsAndFiltersByPaymentTitleAndAdvisor() {
        Client own = Client.ofOwnPractice("Ida Brandt", "ida@list-sorts.example");
        Client bo = People.advisorOf(own, "Bo Winter", "bo@list-sorts.example");
        created(own, Documents.set(Documents.purchase("Élan House"), "terms.ratePercent", "4"));
        created(bo, Documents.set(Documents.purchase("Dell Yard"), "terms.ratePercent", "6"));
        created(own, Documents.set(Documents.purchase("Fern Rise"), "terms.ratePercent", "5"));

        assertThat(titles(own, "sort=PAYMENT")).containsExactly("Dell Yard", "Fern Rise", "Élan House");
        assertThat(titles(own, "sort=TITLE")).containsExactly("Dell Yard", "Élan House", "Fern Rise");
        assertThat(titles(own, "sort=ADVISOR")).containsExactly("Dell Yard", "Fern Rise", "Élan House");
        assertThat(titles(own, "advisor=" + People.idOf(own, "Bo Winter"))).containsExactly("Dell Yard");
        long middle = own.get("/api/cases?search=fern")
                .body()
                .at("/cases/0/monthlyCostCents")
                .asLong();
        assertThat(titles(own, "sort=TITLE&paymentFromCents=" + middle)).containsExactly("Dell Yard", "Fern Rise");
        assertThat(titles(own, "sort=TITLE&paymentToCents=" + middle)).containsExactly("Élan House", "Fern Rise");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "sort=BEST",
                "shelf=ATTIC",
                "advisor=me",
                "nextWithinDays=soon",
                "nextWithinDays=2000000000",
                "paymentFromCents=1.5"
            })
    void refusesAFilterWithoutMeaningAndSaysWhy(String filter) {
        Answer refused = Client.signedIn(Client.BEA).get("/api/cases?" + filter);

        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().get("detail").asString()).contains(filter.substring(filter.indexOf('=') + 1));
    }

    @Test
    void changesManyCasesAllOfThemOrNone() {
        Client own = Client.ofOwnPractice("Ida Brandt", "ida@many-cases.example");
        Client other = Client.ofOwnPractice("Bo Winter", "bo@many-cases.example");
        String one = idOf(created(own, Documents.purchase("One")));
        String two = idOf(created(own, Documents.purchase("Two")));
        String theirs = idOf(created(other, Documents.purchase("Theirs")));

        assertThat(change(own, "ARCHIVE", one, two).status()).isEqualTo(204);
        assertThat(titles(own, "")).isEmpty();
        assertThat(titles(own, "shelf=ARCHIVED&sort=TITLE")).containsExactly("One", "Two");
        assertThat(own.get("/api/cases/" + one).body().get("shelf").asString()).isEqualTo("ARCHIVED");
        assertThat(change(own, "REOPEN", one).status()).isEqualTo(204);
        assertThat(titles(own, "")).containsExactly("One");

        Answer notAll = change(own, "DELETE", two, theirs);
        assertThat(notAll.status()).isEqualTo(404);
        assertThat(notAll.body().get("detail").asString())
                .isEqualTo("1 of the 2 cases are no longer there, or you may not change them. None was changed.");
        assertThat(titles(own, "shelf=ARCHIVED")).containsExactly("Two");

        assertThat(change(own, "DELETE", one, two).status()).isEqualTo(204);
        JsonNode deleted = own.get("/api/cases?shelf=DELETED").body().get("cases");
        assertThat(deleted).hasSize(2);
        assertThat(Duration.between(
                        Instant.now(), Instant.parse(deleted.at("/0/goesAt").asString())))
                .isBetween(Duration.ofDays(29), Duration.ofDays(30));
        assertThat(change(own, "RESTORE", two).status()).isEqualTo(204);
        assertThat(titles(own, "shelf=ARCHIVED")).containsExactly("Two");
        assertThat(own.post("/api/cases/changes", "{\"cases\": [], \"change\": \"DELETE\"}")
                        .messageAt("/cases"))
                .isEqualTo("Choose from 1 to 500 cases.");
    }

    @Test
    void handsCasesOver() {
        Client own = Client.ofOwnPractice("Ida Brandt", "ida@handed-over.example");
        Client bo = People.advisorOf(own, "Bo Winter", "bo@handed-over.example");
        String id = idOf(created(own, Documents.purchase("Fern Rise")));
        String boId = People.idOf(own, "Bo Winter");

        assertThat(handOver(own, id, boId).status()).isEqualTo(204);
        JsonNode advisor = own.get("/api/cases").body().at("/cases/0/advisor");
        assertThat(advisor.get("name").asString()).isEqualTo("Bo Winter");
        assertThat(advisor.get("id").asString()).isEqualTo(boId);
        // Who saves it does not take it over.
        own.put("/api/cases/" + id, "\"0\"", Documents.purchase("Fern Rise 2").toString());
        assertThat(titles(bo, "advisor=" + boId)).containsExactly("Fern Rise 2");

        assertThat(change(own, "HAND_OVER", id).messageAt("/advisor")).startsWith("Choose who looks after");
        own.delete("/api/people/" + boId);
        assertThat(handOver(own, id, boId).messageAt("/advisor")).isEqualTo("Bo Winter has left.");
    }

    @Test
    void beginsCasesFromThePracticesOwnTemplates() {
        Client own = Client.ofOwnPractice("Ida Brandt", "ida@case-templates.example");
        Client bo = People.advisorOf(own, "Bo Winter", "bo@case-templates.example");
        ObjectNode usual = GoldenHouseholds.earning("5000.00")
                .put("title", "Wrens’ first home")
                .put("clients", "Ida Wren");
        ((ObjectNode) usual.at("/options/0")).put("name", "For the Wrens");
        usual.withObject("/handout")
                .put("preparedFor", "Ida and Otto Wren")
                .put("greeting", "Dear Wrens")
                .put("closing", "Yours, Wrens")
                .put("scheduleBy", "PAYMENT");
        String address = created(own, usual);

        assertThat(own.post(address + "/template", "{\"title\": \"\"}").messageAt("/title"))
                .isNotEmpty();
        Answer kept = own.post(address + "/template", "{\"title\": \"First home, insured\"}");
        assertThat(kept.status()).isEqualTo(201);
        assertThat(kept.body().toString()).doesNotContain("Wren").contains("\"PAYMENT\"");
        String template = "/api/cases/" + kept.body().get("id").asString();
        assertThat(titles(own, "shelf=TEMPLATES")).containsExactly("First home, insured");
        assertThat(titles(own, "")).containsExactly("Wrens’ first home");
        JsonNode document = kept.body().get("document");
        assertThat(document.get("clients").asString()).isEmpty();
        assertThat(document.at("/household/incomes")).isEmpty();

        ObjectNode named = (ObjectNode) document;
        ((ObjectNode) named.at("/options/0")).put("name", "With the insurance");
        named.withObject("/handout").put("greeting", "Welcome home");
        assertThat(own.put(template, "\"0\"", named.toString()).status()).isEqualTo(200);
        JsonNode start = bo.get(template + "/starting-case").body();
        assertThat(start.at("/options/0/name").asString()).isEqualTo("With the insurance");
        assertThat(start.at("/handout/greeting").asString()).isEqualTo("Welcome home");
        assertThat(LocalDate.parse(start.at("/options/0/terms/firstPayment").asString()))
                .isAfter(TODAY.plusDays(27));
        assertThat(start.at("/options/0/financing")).isEqualTo(document.at("/options/0/financing"));
        created(bo, ((ObjectNode) start).put("title", "Begun"));

        assertThat(bo.put(template, "\"1\"", usual.put("title", "Taken").toString())
                        .status())
                .isEqualTo(403);
        assertThat(bo.delete(template).status()).isEqualTo(404);
        assertThat(own.put(template, "\"1\"", usual.toString()).status()).isEqualTo(200);
        assertThat(own.delete(template).status()).isEqualTo(204);
    }

    private static void awaitTitles(Client own, String filter, int count) {
        Instant limit = Instant.now().plusSeconds(60);
        while (titles(own, filter).size() != count) {
            assertThat(Instant.now()).as("%d cases with %s", count, filter).isBefore(limit);
            Thread.onSpinWait();
        }
    }

    private static ObjectNode purchase(String title, LocalDate firstPayment) {
        return Documents.set(Documents.purchase(title), "terms.firstPayment", "\"" + firstPayment + "\"");
    }

    private static String created(Client own, JsonNode document) {
        Answer created = own.post("/api/cases", document.toString());
        assertThat(created.status()).as(created.response().body()).isEqualTo(201);
        return created.header("Location");
    }

    private static String idOf(String address) {
        return address.substring(address.lastIndexOf('/') + 1);
    }

    private static Answer change(Client own, String change, String... cases) {
        return own.post(
                "/api/cases/changes",
                "{\"cases\": [\"%s\"], \"change\": \"%s\"}".formatted(String.join("\", \"", cases), change));
    }

    private static Answer handOver(Client own, String id, String to) {
        return own.post(
                "/api/cases/changes",
                "{\"cases\": [\"%s\"], \"change\": \"HAND_OVER\", \"advisor\": \"%s\"}".formatted(id, to));
    }

    private static List<String> titles(Client own, String filter) {
        return own.get("/api/cases?" + filter).body().get("cases").findValuesAsString("title");
    }
}
