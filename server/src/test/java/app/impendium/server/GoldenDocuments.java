package app.impendium.server;

import static app.impendium.core.GoldenCases.cents;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Case documents of golden cases that have several options. */
final class GoldenDocuments {
    private GoldenDocuments() {}

    /** Options whose cash to close and home costs are given. */
    static ObjectNode ofOptions(JsonNode input) {
        ObjectNode document = Documents.purchase("Options");
        ArrayNode options = document.putArray("options");
        input.get("options").forEach(option -> options.add(option(option, options.size())));
        ObjectNode assumptions = document.putObject("assumptions");
        if (input.has("discountPercent")) {
            assumptions.set("discountPercent", input.get("discountPercent"));
            assumptions.set("marginalTaxPercent", input.get("marginalTaxPercent"));
        }
        return document;
    }

    private static ObjectNode option(JsonNode input, int place) {
        ObjectNode option = Documents.option(Documents.loanAlone(input)).put("id", "option-" + place);
        long cash = cents(input.get("cashToClose"));
        if (input.has("value")) {
            long value = cents(input.get("value"));
            long down = value - cents(input.get("amount"));
            option.putObject("financing")
                    .put("kind", "PURCHASE")
                    .put("priceCents", value)
                    .putObject("down")
                    .put("cents", down);
            cash -= down;
        }
        addItem(option, cash < 0 ? "LENDER_CREDIT" : "LOAN_FEE", Math.abs(cash));
        ObjectNode housing = option.withObject("/housing");
        if (input.has("carryingPerMonth")) {
            housing.put("otherCents", cents(input.get("carryingPerMonth")));
        }
        if (input.has("premiumPercentPerYear")) {
            housing.set("mortgageInsurancePercent", input.get("premiumPercentPerYear"));
        }
        if (input.has("reductionsPercent")) {
            option.withObject("/features/buydown")
                    .put("paidBy", "SELLER")
                    .set("reductionsPercent", input.get("reductionsPercent"));
        }
        return option;
    }

    /** Staying with a loan, then refinancing it. */
    static ObjectNode ofRefinancing(JsonNode input) {
        ObjectNode document = Documents.purchase("Refinancing");
        ArrayNode debts = document.putArray("debts");
        input.get("debtsSettled")
                .forEach(debt -> debts.addObject()
                        .put("id", "debt-" + debts.size())
                        .put("name", "A debt")
                        .put("balanceCents", cents(debt.get("balance")))
                        .put("paymentCents", cents(debt.get("payment")))
                        .set("ratePercent", debt.get("ratePercent")));
        ArrayNode options = document.putArray("options");
        ObjectNode staying = options.addObject().put("id", "staying");
        staying.putObject("financing").put("kind", "LOAN_ONLY").put("loanCents", cents(input.get("balance")));
        terms(staying, input.get("ratePercent"), input.get("paymentsLeft").asInt());
        staying.putObject("features").put("paymentCents", cents(input.get("payment")));
        ObjectNode refinancing = options.addObject().put("id", "refinancing");
        ObjectNode financing = refinancing
                .putObject("financing")
                .put("kind", "REFINANCING")
                .put("balanceCents", cents(input.get("balance")))
                .put("cashOutCents", cents(input.get("cashOut")))
                .put("costsFinanced", input.get("costsFinanced").asBoolean());
        ArrayNode paidOff = financing.putArray("debtsPaidOff");
        debts.forEach(debt -> paidOff.add(debt.get("id")));
        terms(refinancing, input.get("newRatePercent"), input.get("newPayments").asInt());
        addItem(refinancing, "LOAN_FEE", cents(input.get("costs")));
        return document;
    }

    /** What is owed when a rate ends, over what is left, at each rate asked about, beside what is paid until then. */
    static ObjectNode ofRenewal(JsonNode input, JsonNode expect) {
        ObjectNode document = Documents.purchase("Renewal");
        document.putObject("presentPayment")
                .put("cents", cents(expect.get("paymentBefore")))
                .put("frequency", "MONTHLY");
        ArrayNode options = document.putArray("options");
        input.get("renewalRatesPercent").forEach(rate -> {
            ObjectNode option = options.addObject().put("id", "option-" + options.size());
            option.putObject("financing").put("kind", "LOAN_ONLY").put("loanCents", cents(expect.get("balance")));
            terms(option, rate, expect.get("paymentsLeft").asInt());
            option.withObject("/terms")
                    .put("compounding", input.get("compounding").asString())
                    .put("rounding", input.get("rounding").asString());
        });
        return document;
    }

    /** A purchase beside an alternative to it. */
    static ObjectNode ofAlternative(JsonNode input) {
        ObjectNode document = Documents.purchase("Alternative");
        ArrayNode options = document.putArray("options");
        options.add(purchase(input, Documents.json("{}"), "baseline"));
        options.add(purchase(input, input.get("alternative"), "alternative"));
        return document;
    }

    private static ObjectNode purchase(JsonNode input, JsonNode change, String id) {
        ObjectNode option = (ObjectNode) Documents.json("{}");
        option.put("id", id);
        option.putObject("financing")
                .put("kind", "PURCHASE")
                .put("priceCents", cents(either("price", change, input)))
                .putObject("down")
                .put("cents", cents(either("downPayment", change, input)));
        terms(
                option,
                either("ratePercent", change, input),
                either("termMonths", change, input).asInt());
        if (change.has("pointsPercent")) {
            item(option, "POINTS").putObject("amount").set("percent", change.get("pointsPercent"));
        }
        if (change.has("extraEveryPayment")) {
            option.withObject("/features")
                    .putArray("extras")
                    .addObject()
                    .put("id", "extra")
                    .put("how", "EACH_PAYMENT")
                    .put("cents", cents(change.get("extraEveryPayment")))
                    .put("firstPayment", 1);
        }
        return option;
    }

    private static JsonNode either(String name, JsonNode first, JsonNode second) {
        return first.has(name) ? first.get(name) : second.get(name);
    }

    private static void terms(ObjectNode option, JsonNode rate, int months) {
        option.putObject("terms")
                .put("compounding", "MONTHLY")
                .put("frequency", "MONTHLY")
                .put("rounding", "NEAREST_CENT")
                .put("amortizationMonths", months)
                .put("firstPayment", "2027-03-01")
                .set("ratePercent", rate);
    }

    private static void addItem(ObjectNode option, String kind, long cents) {
        item(option, kind).putObject("amount").put("cents", cents);
    }

    private static ObjectNode item(ObjectNode option, String kind) {
        return option.withObject("/closing")
                .withArray("items")
                .addObject()
                .put("id", "item")
                .put("kind", kind);
    }
}
