package app.impendium.core.loan;

import static app.impendium.core.GoldenCases.cents;

import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;

/** Loan terms from a golden case's input. */
public final class GoldenTerms {
    private GoldenTerms() {}

    public static LoanTerms of(JsonNode input) {
        int payments = input.get("payments").asInt();
        boolean recast = input.path("recast").asBoolean(false);
        PeriodicRate rate = PeriodicRate.of(
                rate(input), Compounding.valueOf(input.path("compounding").asString("MONTHLY")), frequency(input));
        LoanFeatures features = LoanFeatures.NONE
                .withInterestOnly(input.path("interestOnlyPayments").asInt(0))
                .withExtras(extras(input, payments), recast ? ExtraEffect.RECAST : ExtraEffect.END_EARLY)
                .withRateChanges(rateChanges(input, rate));
        if (input.has("residualBalance")) {
            features = features.withBalloon(money(input.get("residualBalance")));
        }
        if (input.has("chosenPayment")) {
            features = features.withRegular(new RegularPayment.Custom(money(input.get("chosenPayment"))));
        }
        return new LoanTerms(
                money(input.get("amount")),
                rate,
                payments,
                PaymentRounding.valueOf(input.path("rounding").asString("NEAREST_CENT")),
                features);
    }

    private static List<ExtraPayment> extras(JsonNode input, int payments) {
        List<ExtraPayment> extras = new ArrayList<>();
        if (input.has("extraEveryPayment")) {
            extras.add(new ExtraPayment.Regular(money(input.get("extraEveryPayment")), 1, payments));
        }
        input.path("extraPayments")
                .forEach(extra -> extras.add(new ExtraPayment.Lump(
                        money(extra.get("amount")), extra.get("number").asInt())));
        return extras;
    }

    private static List<RateChange> rateChanges(JsonNode input, PeriodicRate rate) {
        List<RateChange> changes = new ArrayList<>();
        input.path("rateChanges")
                .forEach(change ->
                        changes.add(new RateChange(change.get("fromPayment").asInt(), rate.withAnnual(rate(change)))));
        return changes;
    }

    private static AnnualRate rate(JsonNode input) {
        return AnnualRate.ofPercent(input.get("ratePercent").asString());
    }

    private static Money money(JsonNode amount) {
        return Money.ofCents(cents(amount));
    }

    private static PaymentFrequency frequency(JsonNode input) {
        String name = input.path("frequency").asString("MONTHLY");
        boolean accelerated = input.path("accelerated").asBoolean(false);
        return PaymentFrequency.valueOf(accelerated ? "ACCELERATED_" + name : name);
    }
}
