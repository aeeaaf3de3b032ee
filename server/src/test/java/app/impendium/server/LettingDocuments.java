package app.impendium.server;

import java.math.BigDecimal;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Let homes and letting programmes as they are written. */
final class LettingDocuments {
    private static final BigDecimal CENTS = BigDecimal.valueOf(100);

    private LettingDocuments() {}

    /** A programme of one band from 1.1 on for letting by the year. */
    static ObjectNode programme(String name) {
        return Documents.json("""
                {"name": "%s", "market": "US", "source": "a term sheet", "day": "2026-11-02",
                 "cover": "OUTGOINGS", "stressed": null,
                 "bands": [{"id": "b1", "leastCover": 1.1, "loanToValuePercent": 80, "addOnPercent": 0.25}],
                 "bases": [{"id": "l1", "basis": "LONG", "countedPercent": 100, "loanToValuePercent": 75,
                            "leastScore": 660}]}
                """.formatted(name)).asObject();
    }

    /** The home, loan and rent of a golden case. */
    static ObjectNode home(JsonNode input) {
        ObjectNode document = Documents.purchase("Let home");
        ObjectNode option = Documents.option(document);
        option.putObject("financing")
                .put("kind", "PURCHASE")
                .put("priceCents", cents(input.get("value")))
                .putObject("down")
                .put("cents", cents(input.get("value")) - cents(input.get("loanAmount")));
        ObjectNode terms = option.withObject("/terms");
        terms.set("ratePercent", input.get("ratePercent"));
        terms.set("amortizationMonths", input.get("termMonths"));
        option.remove("closing");
        option.putObject("features")
                .put("interestOnlyPayments", input.get("interestOnly").asBoolean() ? 120 : 0);
        ObjectNode housing = option.putObject("housing");
        housing.putObject("propertyTax").put("cents", cents(input.get("taxPerYear")));
        housing.put("homeInsuranceCents", cents(input.get("homeInsurancePerYear")));
        housing.put("duesCents", cents(input.get("duesPerMonth")));
        document.putObject("letting").put("basis", basis(input)).put("rentCents", cents(input.get("rentPerMonth")));
        return document;
    }

    /** The programme of a golden case. */
    static ObjectNode programme(JsonNode input, String cover) {
        ObjectNode programme = programme("Golden").put("cover", cover);
        ArrayNode bands = programme.putArray("bands");
        for (JsonNode band : input.get("bands")) {
            ObjectNode entry = bands.addObject().put("id", "b" + bands.size());
            entry.set("leastCover", band.get("coverageAtLeast"));
            entry.set("loanToValuePercent", band.get("loanToValuePercent"));
            entry.set("addOnPercent", band.get("rateAddOnPercent"));
        }
        ObjectNode basis =
                programme.putArray("bases").addObject().put("id", "l1").put("basis", basis(input));
        basis.set("countedPercent", input.at("/basis/rentCountedPercent"));
        basis.set("loanToValuePercent", input.at("/basis/loanToValuePercent"));
        programme.putObject("stressed").put("addedPercent", 0).set("floorPercent", input.get("stressedRatePercent"));
        return programme;
    }

    static ObjectNode question(ObjectNode document, ObjectNode... programmes) {
        ObjectNode question = Documents.json("{\"chosen\": 0}").asObject();
        question.set("document", document);
        ArrayNode list = question.putArray("programmes");
        for (ObjectNode programme : programmes) {
            list.add(programme);
        }
        return question;
    }

    static long cents(JsonNode amount) {
        return amount.decimalValue().multiply(CENTS).longValueExact();
    }

    private static String basis(JsonNode input) {
        return input.at("/basis/name").asString().replace("_LET", "");
    }
}
