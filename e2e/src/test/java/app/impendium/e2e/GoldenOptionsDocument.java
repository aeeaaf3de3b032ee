package app.impendium.e2e;

import static app.impendium.core.GoldenCases.cents;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The case document of a golden case whose options give their cash to close and what their homes cost. */
final class GoldenOptionsDocument {
    private static final JsonMapper JSON = new JsonMapper();

    private GoldenOptionsDocument() {}

    static String of(String title, JsonNode input, int keptMonths) {
        ObjectNode document = JSON.createObjectNode()
                .put("format", 2)
                .put("title", title)
                .put("clients", "")
                .put("currency", "USD");
        document.putObject("assumptions").put("keptMonths", keptMonths);
        ArrayNode options = document.putArray("options");
        input.get("options").forEach(option -> options.add(option(option, options.size())));
        return document.toString();
    }

    private static ObjectNode option(JsonNode input, int place) {
        ObjectNode option = JSON.createObjectNode().put("id", "option-" + place).put("name", "Option " + place);
        long value = cents(input.get("value"));
        long down = value - cents(input.get("amount"));
        option.putObject("financing")
                .put("kind", "PURCHASE")
                .put("priceCents", value)
                .putObject("down")
                .put("cents", down);
        ObjectNode terms = option.putObject("terms")
                .put("frequency", "MONTHLY")
                .put("amortizationMonths", input.get("payments").asInt())
                .put("firstPayment", "2027-03-01");
        terms.set("ratePercent", input.get("ratePercent"));
        terms.set("compounding", input.get("compounding"));
        terms.set("rounding", input.get("rounding"));
        long cash = cents(input.get("cashToClose")) - down;
        option.putObject("closing")
                .putArray("items")
                .addObject()
                .put("id", "item")
                .put("kind", cash < 0 ? "LENDER_CREDIT" : "LOAN_FEE")
                .putObject("amount")
                .put("cents", Math.abs(cash));
        ObjectNode housing = option.putObject("housing");
        housing.set("mortgageInsurancePercent", input.get("premiumPercentPerYear"));
        if (input.has("carryingPerMonth")) {
            housing.put("otherCents", cents(input.get("carryingPerMonth")));
        }
        addExtras(option.putObject("features").putArray("extras"), input);
        return option;
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
