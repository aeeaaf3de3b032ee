package app.impendium.server;

import static app.impendium.core.GoldenCases.cents;

import app.impendium.core.rate.PaymentFrequency;
import java.math.BigDecimal;
import java.util.List;
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

    /** A golden case's loan as the one option of a document. */
    static ObjectNode loanAlone(JsonNode input) {
        ObjectNode document = purchase("Golden");
        boolean accelerated = input.path("accelerated").asBoolean(false);
        String named = input.path("frequency").asString("MONTHLY");
        PaymentFrequency frequency = PaymentFrequency.valueOf(accelerated ? "ACCELERATED_" + named : named);
        ObjectNode option = option(document);
        option.put("loanCents", cents(input.get("amount")))
                .put("ratePercent", input.get("ratePercent").decimalValue())
                .put("compounding", input.path("compounding").asString("MONTHLY"))
                .put("frequency", frequency.name())
                .put("rounding", input.path("rounding").asString("NEAREST_CENT"))
                .put("termMonths", input.get("payments").asInt() * 12 / frequency.perYear())
                .put("interestOnlyPayments", input.path("interestOnlyPayments").asInt(0))
                .put("extraEffect", input.path("recast").asBoolean(false) ? "RECAST" : "END_EARLY")
                .remove(List.of("priceCents", "downPercent"));
        if (input.has("residualBalance")) {
            option.put("residualCents", cents(input.get("residualBalance")));
        }
        if (input.has("chosenPayment")) {
            option.put("chosenPaymentCents", cents(input.get("chosenPayment")));
        }
        addExtras(option.putArray("extras"), input);
        ArrayNode changes = option.putArray("rateChanges");
        input.path("rateChanges").forEach(changes::add);
        return document;
    }

    private static void addExtras(ArrayNode extras, JsonNode input) {
        if (input.has("extraEveryPayment")) {
            extras.addObject()
                    .put("how", "EACH_PAYMENT")
                    .put("cents", cents(input.get("extraEveryPayment")))
                    .put("firstPayment", 1);
        }
        input.path("extraPayments")
                .forEach(extra -> extras.addObject()
                        .put("how", "ONCE")
                        .put("cents", cents(extra.get("amount")))
                        .put("firstPayment", extra.get("number").asInt()));
    }
}
