package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The practice's rate tables, what is read into them, and what a seller's credit makes of them. */
class RateTablesTest {
    private static final String TABLES = "/api/rate-tables";
    private static final Client BEA = Client.signedIn(Client.BEA);

    static ObjectNode table(String name) {
        return (ObjectNode) Documents.json("""
                {
                  "name": "%s", "termMonths": 360, "day": "2026-11-24", "simulated": false,
                  "offers": [
                    { "id": "a", "ratePercent": 5.25, "pointsPercent": 1.5 },
                    { "id": "b", "ratePercent": 5.5, "pointsPercent": 0 },
                    { "id": "c", "ratePercent": 5.75, "pointsPercent": -0.75 }
                  ],
                  "addOns": [
                    { "id": "x", "aboveLoanToValuePercent": 80, "upToLoanToValuePercent": 97,
                      "leastScore": 0, "mostScore": 719, "pointsPercent": 0.25 }
                  ]
                }
                """.formatted(name));
    }

    @Test
    void areKeptByTheirPracticeAlone() {
        Client ida = Client.ofOwnPractice("Ida Brandt", "ida@brandt.example");
        Answer created = ida.post(TABLES, table("Thirty years").toString());
        String address = created.header("Location");
        assertThat(created.status()).isEqualTo(201);
        assertThat(ida.get(TABLES).body().at("/tables/0/table"))
                .hasToString(table("Thirty years").toString());
        assertThat(ida.get(TABLES).body().get("today").asString()).hasSize(10);

        String changed = table("Thirty years, fixed").toString();
        assertThat(BEA.put(address, "\"0\"", changed).status()).isEqualTo(404);
        assertThat(BEA.delete(address).status()).isEqualTo(404);
        assertThat(BEA.get(TABLES).body().toString()).doesNotContain("Thirty years");
        assertThat(ida.put(address, "\"0\"", changed).body().get("revision").asInt())
                .isEqualTo(1);
        assertThat(ida.put(address, "\"0\"", changed).status()).isEqualTo(409);
        assertThat(ida.putUnconditionally(address, changed).status()).isEqualTo(428);
        assertThat(ida.delete(address).status()).isEqualTo(204);
        assertThat(ida.get(TABLES).body().get("tables")).isEmpty();
    }

    @Test
    void tellEverythingThatIsWrongAtOnce() {
        ObjectNode table = table("x").put("name", " ").put("termMonths", 0);
        table.withArray("offers")
                .addObject()
                .put("id", "d")
                .put("ratePercent", 31)
                .put("pointsPercent", 11);
        table.withArray("addOns").addObject().put("id", "x");

        Answer refused = BEA.post(TABLES, table.toString());

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.messageAt("/name")).contains("1 to 60 characters");
        assertThat(refused.messageAt("/termMonths")).contains("not allowed");
        assertThat(refused.messageAt("/offers/3/ratePercent")).contains("0 % to 30 %");
        assertThat(refused.messageAt("/offers/3/pointsPercent")).contains("-10 % to 10 %");
        assertThat(refused.messageAt("/addOns/1/id")).contains("another entry");
        assertThat(refused.messageAt("/addOns/1/leastScore")).contains("missing");
    }

    @Test
    void areReadFromCommaSeparatedValues() {
        JsonNode offers =
                csv("Rate, Points\n5.5%,0\n\n\"5.25\",1.5\n5.75,-0.75\n").body();
        JsonNode addOns = csv("ltv above;ltv up to;score from;score to;points\n80;97;0;719;0,25\n")
                .body();

        assertThat(offers.at("/offers/1/ratePercent").asString()).isEqualTo("5.25");
        assertThat(offers.at("/offers/2/pointsPercent").asString()).isEqualTo("-0.75");
        assertThat(offers.get("addOns")).isEmpty();
        assertThat(addOns.at("/addOns/0/pointsPercent").asString()).isEqualTo("0.25");
        assertThat(addOns.at("/addOns/0/mostScore").asInt()).isEqualTo(719);
    }

    @Test
    void tellWhatCannotBeReadByItsLineAndTakeNothing() {
        Answer refused = csv("rate,points\n5.5,none\n31,0\n5.25\n");

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.messageAt("/lines/2/pointsPercent")).isEqualTo("none is no number.");
        assertThat(refused.messageAt("/lines/3/ratePercent")).contains("0 % to 30 %");
        assertThat(refused.messageAt("/lines/4/pointsPercent")).isEqualTo("A number is missing here.");
        assertThat(csv("price,colour\n1,2\n").messageAt("/lines/1")).startsWith("The first line must name the columns");
        ObjectNode matched = new JsonMapper().createObjectNode().put("text", "Satz,Punkte\n5.5,1\n");
        matched.putObject("columns").put("rate", "Satz").put("points", "Punkte");
        assertThat(BEA.post(TABLES + "/csv", matched.toString())
                        .body()
                        .at("/offers/0/ratePercent")
                        .asString())
                .isEqualTo("5.5");
        assertThat(csv("").messageAt("/lines/1")).startsWith("The first line must name the columns");
        assertThat(csv("rate,points\n" + "5,0\n".repeat(101)).messageAt("/lines"))
                .contains("1 to 100");
        assertThat(csv("rate,points\n\"5,0\n").status()).isEqualTo(422);
    }

    private static Answer csv(String text) {
        ObjectNode body = (ObjectNode) Documents.json("{}");
        return BEA.post(TABLES + "/csv", body.put("text", text).toString());
    }

    @Test
    void canBeFilledByARateDeskThatSaysItIsSimulated() {
        JsonNode rates = BEA.get("/api/rate-desk?termMonths=360").body();

        assertThat(rates.get("simulated").asBoolean()).isTrue();
        assertThat(rates).isEqualTo(BEA.get("/api/rate-desk?termMonths=360").body());
        assertThat(BEA.post(TABLES, rates.toString()).status()).isEqualTo(201);
        assertThat(BEA.get("/api/rate-desk?termMonths=11").status()).isEqualTo(422);
    }

    @Test
    void tellWhatASellersCreditCanBeUsedFor() {
        ObjectNode question = (ObjectNode) Documents.json("{}");
        question.set("document", Documents.purchase("Credit"));
        question.set("table", table("Thirty years"));

        // 265,795.00 is borrowed at 85 % of the value: 1.5 points are 3,986.93, and 4,651.41 with the add-on.
        JsonNode good = ways(scored(question, 760), 4200_00);
        JsonNode poor = ways(scored(question, 700), 4200_00);

        assertThat(good.at("/0/way").asString()).isEqualTo("POINTS");
        assertThat(good.at("/0/costCents").asLong()).isEqualTo(3986_93);
        assertThat(good.at("/0/ratePercent").asString()).isEqualTo("5.25");
        assertThat(good.at("/0/figures/paymentCents").asLong()).isPositive();
        assertThat(good.at("/1/reductionsPercent").toString()).isEqualTo("[1]");
        assertThat(good.at("/2/priceCents").asLong()).isEqualTo(308_500_00);
        assertThat(poor.at("/0/ratePercent").isNull()).isTrue();
        assertThat(ways(question, 500_00).at("/0/because/0/message").asString())
                .startsWith("The credit of 500.00 is not enough: the least that works costs 4,651.41.");
        assertThat(BEA.post("/api/seller-credits/0?creditCents=0", question.toString())
                        .messageOfParameter("creditCents"))
                .contains("0.00 is not allowed");
        question.putNull("table");
        assertThat(ways(question, 500_00).at("/0/because/0/message").asString()).contains("no rate table");
    }

    @Test
    void offerEachRateForAnOptionWithWhatItAdds() {
        ObjectNode question = (ObjectNode) Documents.json("{}");
        question.set("document", Documents.purchase("Offers"));
        question.set("table", table("Thirty years"));
        scored(question, 700);

        JsonNode answer = BEA.post("/api/rate-offers/0", question.toString()).body();

        JsonNode offers = answer.get("offers");
        assertThat(answer.get("addOns").toString()).isEqualTo("[0]");

        assertThat(offers.get(0).toString())
                .startsWith("{\"ratePercent\":5.25,\"pointsPercent\":1.75,\"costCents\":465141,\"paymentCents\":");
        assertThat(offers.get(2).get("costCents").asLong()).isEqualTo(-132898);
        assertThat(BEA.post("/api/rate-offers/0", question.putNull("table").toString())
                        .messageAt("/table"))
                .contains("missing");
    }

    @Test
    void priceForTheScoreOfAnOlderCaseThatOnlyItsPricingNamed() {
        ObjectNode document = Documents.purchase("Older");
        document.putObject("pricedOn")
                .put("tableId", "t")
                .put("name", "Thirty years")
                .put("day", "2026-11-01")
                .put("simulated", false)
                .put("score", 700);
        ObjectNode question = (ObjectNode) Documents.json("{}");
        question.set("document", document);
        question.set("table", table("Thirty years"));

        assertThat(BEA.post("/api/rate-offers/0", question.toString()).body().at("/offers/0/pointsPercent"))
                .hasToString("1.75");
    }

    @Test
    void areNamedByAnOptionThatWasPricedOnThem() {
        ObjectNode document = Documents.purchase("Named");
        ObjectNode pricedAt = Documents.option(document)
                .putObject("pricedAt")
                .put("tableId", "t")
                .put("ratePercent", 5.25)
                .put("pointsPercent", 1.5);
        String address =
                BEA.post("/api/cases", document.toString()).body().get("id").asString();
        assertThat(BEA.get("/api/cases/" + address)
                        .body()
                        .at("/document/options/0/pricedAt/tableId")
                        .asString())
                .isEqualTo("t");

        pricedAt.put("tableId", "t".repeat(61));
        assertThat(BEA.post("/api/cases", document.toString()).messageAt("/options/0/pricedAt/tableId"))
                .contains("60");
    }

    private static ObjectNode scored(ObjectNode question, int score) {
        ((ObjectNode) question.get("document")).putObject("household").put("score", score);
        return question;
    }

    private static JsonNode ways(ObjectNode question, long cents) {
        return BEA.post("/api/seller-credits/0?creditCents=" + cents, question.toString())
                .body();
    }
}
