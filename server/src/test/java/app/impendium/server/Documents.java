package app.impendium.server;

import static app.impendium.core.GoldenCases.cents;

import app.impendium.core.rate.PaymentFrequency;
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
        return (ObjectNode) JSON.readTree("""
                {
                  "format": 2,
                  "title": %s,
                  "clients": "Odile Brandt",
                  "currency": "USD",
                  "options": [
                    {
                      "id": "first",
                      "financing": { "kind": "PURCHASE", "priceCents": 31270000, "down": { "percent": 15 } },
                      "terms": {
                        "ratePercent": 5.5,
                        "compounding": "MONTHLY",
                        "frequency": "MONTHLY",
                        "rounding": "NEAREST_CENT",
                        "amortizationMonths": 300,
                        "firstPayment": "2027-03-01"
                      }
                    }
                  ]
                }
                """.formatted(JSON.valueToTree(title)));
    }

    /** The same with a member of its option, as {@code terms.ratePercent}, given as this JSON. */
    static ObjectNode purchaseWith(String path, String json) {
        return set(purchase("Lot 3, Fern Rise"), path, json);
    }

    /** The same document with a member of its option given as this JSON. */
    static ObjectNode set(ObjectNode document, String path, String json) {
        ObjectNode parent = option(document);
        String[] names = path.split("\\.");
        for (int i = 0; i < names.length - 1; i++) {
            parent = parent.withObject("/" + names[i]);
        }
        parent.set(names[names.length - 1], json(json));
        return document;
    }

    static ObjectNode option(ObjectNode document) {
        return (ObjectNode) ((ArrayNode) document.get("options")).get(0);
    }

    /** A document of format 1 with one option, written as format 1 has it. */
    static ObjectNode ofFormat1(JsonNode option) {
        ObjectNode document = purchase("Format 1").put("format", 1);
        document.putArray("options").add(option);
        return document;
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
        option(document).putObject("financing").put("kind", "LOAN_ONLY").put("loanCents", cents(input.get("amount")));
        option(document)
                .withObject("/terms")
                .put("ratePercent", input.get("ratePercent").decimalValue())
                .put("compounding", input.path("compounding").asString("MONTHLY"))
                .put("frequency", frequency.name())
                .put("rounding", input.path("rounding").asString("NEAREST_CENT"))
                .put("amortizationMonths", input.get("payments").asInt() * 12 / frequency.perYear());
        ObjectNode features = option(document)
                .withObject("/features")
                .put("interestOnlyPayments", input.path("interestOnlyPayments").asInt(0))
                .put("extraEffect", input.path("recast").asBoolean(false) ? "RECAST" : "END_EARLY");
        if (input.has("residualBalance")) {
            features.put("balloonCents", cents(input.get("residualBalance")));
        }
        if (input.has("chosenPayment")) {
            features.put("paymentCents", cents(input.get("chosenPayment")));
        }
        addExtras(features.putArray("extras"), input);
        ArrayNode changes = features.putArray("rateChanges");
        input.path("rateChanges")
                .forEach(change -> changes.add(((ObjectNode) change).put("id", "change-" + changes.size())));
        return document;
    }

    private static void addExtras(ArrayNode extras, JsonNode input) {
        if (input.has("extraEveryPayment")) {
            extras.addObject()
                    .put("id", "each")
                    .put("how", "EACH_PAYMENT")
                    .put("cents", cents(input.get("extraEveryPayment")))
                    .put("firstPayment", 1);
        }
        input.path("extraPayments")
                .forEach(extra -> extras.addObject()
                        .put("id", "extra-" + extras.size())
                        .put("how", "ONCE")
                        .put("cents", cents(extra.get("amount")))
                        .put("firstPayment", extra.get("number").asInt()));
    }
}
