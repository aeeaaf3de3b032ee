package app.impendium.server;

import static app.impendium.core.GoldenCases.cents;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Case documents of golden households. */
final class GoldenHouseholds {
    private GoldenHouseholds() {}

    /** A purchase by people with one monthly income. */
    static ObjectNode earning(String monthly) {
        ObjectNode document = Documents.purchase("Affordable");
        income(document, cents(Documents.json("\"" + monthly + "\"")));
        return document;
    }

    /** The incomes and debts of a golden household, with its housing cost beside a loan. */
    static ObjectNode withHousing(JsonNode input) {
        ObjectNode document = Documents.purchase("Household");
        ArrayNode incomes = document.withArray("/household/incomes");
        for (JsonNode income : input.get("incomes")) {
            ObjectNode entry = incomes.addObject()
                    .put("id", "income-" + incomes.size())
                    .put("name", "income")
                    .put("cents", cents(income.get("amount")));
            entry.set("countedPercent", income.get("countedPercent"));
            if (income.has("hoursPerWeek")) {
                entry.set("hoursPerWeek", income.get("hoursPerWeek"));
            } else {
                entry.set("per", income.get("per"));
            }
        }
        ArrayNode debts = document.withArray("debts");
        ArrayNode paidOff = null;
        for (JsonNode debt : input.get("debts")) {
            ObjectNode entry = debt(debts, debt);
            entry.set("paymentsLeft", debt.get("paymentsLeft"));
            if (debt.get("settledAtClosing").asBoolean()) {
                paidOff = paidOff == null ? refinancing(document) : paidOff;
                paidOff.add(entry.get("id").asString());
            }
        }
        return document;
    }

    /** The purchase, income and debts of a golden case. */
    static ObjectNode purchase(JsonNode input, JsonNode price, String down) {
        ObjectNode document = Documents.purchase("Levers");
        ObjectNode option = Documents.option(document);
        option.putObject("financing")
                .put("kind", "PURCHASE")
                .put("priceCents", cents(price))
                .putObject("down")
                .put("cents", cents(input.get(down)));
        ObjectNode terms = option.withObject("/terms");
        terms.set("ratePercent", input.get("ratePercent"));
        terms.set("amortizationMonths", input.get("termMonths"));
        option.remove("closing");
        option.remove("features");
        ObjectNode housing = option.putObject("housing");
        housing.putObject("propertyTax").set("percent", input.get("taxPercentPerYear"));
        housing.put("homeInsuranceCents", cents(input.get("homeInsurancePerYear")));
        housing.put("duesCents", cents(input.get("duesPerMonth")));
        housing.set("mortgageInsurancePercent", input.get("mortgageInsurancePercentPerYear"));
        income(document, cents(input.get("incomePerMonth")));
        ArrayNode debts = document.withArray("debts");
        if (input.has("debts")) {
            input.get("debts").forEach(debt -> debt(debts, debt));
            document.withObject("/household")
                    .put("atHandCents", cents(input.get("moneyLeftAfterClosing")) + cents(input.get(down)));
        } else {
            debts.addObject().put("id", "0").put("name", "all").put("paymentCents", cents(input.get("debtsPerMonth")));
        }
        return document;
    }

    private static void income(ObjectNode document, long cents) {
        document.withArray("/household/incomes")
                .addObject()
                .put("id", "a")
                .put("name", "salary")
                .put("cents", cents)
                .put("per", "MONTHLY");
    }

    private static ObjectNode debt(ArrayNode debts, JsonNode debt) {
        ObjectNode entry = debts.addObject()
                .put("id", String.valueOf(debts.size() - 1))
                .put("name", "debt")
                .put("balanceCents", cents(debt.get("balance")));
        long payment = cents(debt.get("payment"));
        return payment == 0 ? entry : entry.put("paymentCents", payment);
    }

    private static ArrayNode refinancing(ObjectNode document) {
        ObjectNode financing = Documents.option(document)
                .putObject("financing")
                .put("kind", "REFINANCING")
                .put("balanceCents", 200_000_00);
        return financing.putArray("debtsPaidOff");
    }
}
