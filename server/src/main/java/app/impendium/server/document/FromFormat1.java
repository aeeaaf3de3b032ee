package app.impendium.server.document;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * A document of format 1 as one of format 2. Options were flat, costs at closing were single fields, and nothing had an id.
 * Values are moved as they are, so that what is wrong with one is found where every document is read. What format 1 did not
 * know stays where it is, to be refused there.
 */
final class FromFormat1 {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    /** A cost at closing as it was: its name, the kind it is now, and the member that its value becomes. */
    private record Cost(String name, String kind, String member) {}

    private static final List<Cost> COSTS = List.of(
            new Cost("pointsPercent", "POINTS", "percent"),
            new Cost("lenderCreditPercent", "LENDER_CREDIT", "percent"),
            new Cost("loanFeesCents", "LOAN_FEE", "cents"),
            new Cost("otherCostsCents", "OTHER_COST", "cents"),
            new Cost("prepaidInterestCents", "PREPAID_INTEREST", "cents"),
            new Cost("prepaidItemsCents", "PREPAID_ITEM", "cents"),
            new Cost("sellerCreditCents", "SELLER_CREDIT", "cents"));

    private FromFormat1() {}

    static void upgrade(ObjectNode document) {
        document.put("format", 2);
        ObjectNode assumptions = NODES.objectNode();
        move(document, "valueGrowthPercent", assumptions, "homeValuePercent");
        document.set("assumptions", assumptions);
        if (document.get("options") instanceof ArrayNode options) {
            for (int i = 0; i < options.size(); i++) {
                if (options.get(i) instanceof ObjectNode option) {
                    upgradeOption(option);
                    option.put("id", "option-" + (i + 1));
                }
            }
        }
    }

    private static void upgradeOption(ObjectNode option) {
        option.set("financing", financing(option));
        option.set("terms", terms(option));
        option.set("features", features(option));
        if (option.get("closing") instanceof ObjectNode closing) {
            upgradeClosing(closing);
        }
        if (option.get("housing") instanceof ObjectNode housing) {
            upgradeHousing(housing);
        }
    }

    private static ObjectNode financing(ObjectNode option) {
        ObjectNode financing = NODES.objectNode();
        boolean hasPrice = option.hasNonNull("priceCents");
        financing.put("kind", hasPrice ? "PURCHASE" : "LOAN_ONLY");
        ObjectNode down = NODES.objectNode();
        move(option, "downCents", down, "cents");
        move(option, "downPercent", down, "percent");
        if (hasPrice || !down.isEmpty()) {
            financing.set("down", down);
        }
        for (String name : List.of("priceCents", "appraisalCents", "loanCents")) {
            move(option, name, financing, name);
        }
        return financing;
    }

    private static ObjectNode terms(ObjectNode option) {
        ObjectNode terms = NODES.objectNode();
        for (String name :
                List.of("ratePercent", "compounding", "frequency", "rounding", "rateTermMonths", "firstPayment")) {
            move(option, name, terms, name);
        }
        move(option, "termMonths", terms, "amortizationMonths");
        return terms;
    }

    private static ObjectNode features(ObjectNode option) {
        ObjectNode features = NODES.objectNode();
        for (String name : List.of("interestOnlyPayments", "extras", "extraEffect", "rateChanges", "buydown")) {
            move(option, name, features, name);
        }
        move(option, "residualCents", features, "balloonCents");
        move(option, "chosenPaymentCents", features, "paymentCents");
        giveIds(features.get("extras"), "extra-");
        giveIds(features.get("rateChanges"), "change-");
        if (features.get("buydown") instanceof ObjectNode buydown) {
            move(buydown, "payer", buydown, "paidBy");
        }
        return features;
    }

    private static void upgradeClosing(ObjectNode closing) {
        ArrayNode items = NODES.arrayNode();
        for (Cost cost : COSTS) {
            ObjectNode amount = NODES.objectNode();
            move(closing, cost.name(), amount, cost.member());
            if (!amount.isEmpty()) {
                items.addObject().put("kind", cost.kind()).set("amount", amount);
            }
        }
        giveIds(items, "item-");
        closing.set("items", items);
        ObjectNode premium = NODES.objectNode();
        move(closing, "upfrontPremiumFinanced", premium, "financed");
        move(closing, "upfrontPremiumPercent", premium, "percent");
        if (premium.has("percent")) {
            closing.set("upfrontPremium", premium.has("financed") ? premium : premium.put("financed", false));
        }
    }

    private static void upgradeHousing(ObjectNode housing) {
        ObjectNode tax = NODES.objectNode();
        move(housing, "propertyTaxCents", tax, "cents");
        move(housing, "propertyTaxPercent", tax, "percent");
        if (tax.size() > 1) {
            // A share was taken where both were given.
            tax.remove("cents");
        }
        if (!tax.isEmpty()) {
            housing.set("propertyTax", tax);
        }
        JsonNode sentBy = housing.remove("taxAndInsuranceSentBy");
        if (sentBy != null && !sentBy.isNull()) {
            housing.put("escrowed", !sentBy.asString("").equals("CLIENTS"));
        }
    }

    private static void giveIds(JsonNode list, String prefix) {
        if (list instanceof ArrayNode entries) {
            for (int i = 0; i < entries.size(); i++) {
                if (entries.get(i) instanceof ObjectNode entry) {
                    entry.put("id", prefix + (i + 1));
                }
            }
        }
    }

    /** Moves a value, if there is one. */
    private static void move(ObjectNode from, String name, ObjectNode to, String newName) {
        JsonNode value = from.remove(name);
        if (value != null && !value.isNull()) {
            to.set(newName, value);
        }
    }
}
