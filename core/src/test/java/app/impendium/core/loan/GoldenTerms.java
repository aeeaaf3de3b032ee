package app.impendium.core.loan;

import static app.impendium.core.GoldenCases.cents;

import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import tools.jackson.databind.JsonNode;

/** Loan terms from a golden case's input. */
final class GoldenTerms {
    private GoldenTerms() {}

    static LoanTerms of(JsonNode input) {
        return new LoanTerms(
                Money.ofCents(cents(input.get("amount"))),
                AnnualRate.ofPercent(input.get("ratePercent").asString()),
                Compounding.valueOf(input.path("compounding").asString("MONTHLY")),
                frequency(input),
                input.get("payments").asInt(),
                PaymentRounding.valueOf(input.path("rounding").asString("NEAREST_CENT")),
                input.path("interestOnlyPayments").asInt(0),
                Money.ofCents(input.has("residualBalance") ? cents(input.get("residualBalance")) : 0));
    }

    private static PaymentFrequency frequency(JsonNode input) {
        String name = input.path("frequency").asString("MONTHLY");
        boolean accelerated = input.path("accelerated").asBoolean(false);
        return PaymentFrequency.valueOf(accelerated ? "ACCELERATED_" + name : name);
    }
}
