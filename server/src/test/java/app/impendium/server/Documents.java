package app.impendium.server;

import java.math.BigDecimal;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Case documents to send. */
final class Documents {
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .build();

    private Documents() {}

    /** A plain purchase that has an answer. */
    static ObjectNode purchase(String title) {
        ObjectNode document = JSON.createObjectNode()
                .put("format", 1)
                .put("title", title)
                .put("clients", "Odile Brandt")
                .put("currency", "USD");
        document.putArray("options")
                .addObject()
                .put("priceCents", 312_700_00)
                .put("downPercent", 15)
                .put("ratePercent", new BigDecimal("5.5"))
                .put("compounding", "MONTHLY")
                .put("frequency", "MONTHLY")
                .put("rounding", "NEAREST_CENT")
                .put("termMonths", 300)
                .put("firstPayment", "2027-03-01")
                .putObject("housing");
        return document;
    }

    /** The same with one member of its option given as this JSON. */
    static ObjectNode purchaseWith(String member, String json) {
        ObjectNode document = purchase("Lot 3, Fern Rise");
        option(document).set(member, json(json));
        return document;
    }

    static ObjectNode option(ObjectNode document) {
        return (ObjectNode) ((ArrayNode) document.get("options")).get(0);
    }

    /** JSON as a tree, decimals kept as written. */
    static JsonNode json(String text) {
        return JSON.readTree(text);
    }
}
