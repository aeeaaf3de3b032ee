package app.impendium.core.compare;

import app.impendium.core.GoldenCases;
import app.impendium.core.cost.Buydown;
import app.impendium.core.cost.BuydownTerms;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.cost.Payer;
import app.impendium.core.loan.GoldenTerms;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.StreamSupport;
import tools.jackson.databind.JsonNode;

/** The money that the options of a golden case move. */
final class GoldenMoney {
    private GoldenMoney() {}

    static List<MoneyMoved> ofOptions(JsonNode options) {
        return StreamSupport.stream(options.spliterator(), false)
                .map(GoldenMoney::of)
                .toList();
    }

    private static MoneyMoved of(JsonNode option) {
        LoanTerms terms = GoldenTerms.of(option);
        Schedule schedule = Schedule.of(terms);
        return new MoneyMoved(
                money(option.get("cashToClose")),
                terms,
                schedule,
                buydown(option, terms, schedule),
                insurance(option, terms),
                option.has("carryingPerMonth") ? money(option.get("carryingPerMonth")) : Money.ZERO,
                List.of());
    }

    private static Optional<Buydown> buydown(JsonNode option, LoanTerms terms, Schedule schedule) {
        List<Percent> reductions = new ArrayList<>();
        option.path("reductionsPercent").forEach(cut -> reductions.add(Percent.of(cut.asString())));
        return reductions.isEmpty()
                ? Optional.empty()
                : Optional.of(Buydown.of(terms, schedule, new BuydownTerms(reductions, Payer.SELLER)));
    }

    private static Optional<MortgageInsurance> insurance(JsonNode option, LoanTerms terms) {
        if (!option.has("premiumPercentPerYear")
                || !MortgageInsurance.isDue(terms.amount(), money(option.get("value")))) {
            return Optional.empty();
        }
        return Optional.of(MortgageInsurance.of(
                Schedule.of(terms.withoutExtras()),
                terms.rate().frequency(),
                money(option.get("value")),
                Percent.of(option.get("premiumPercentPerYear").asString())));
    }

    static Money money(JsonNode amount) {
        return Money.ofCents(GoldenCases.cents(amount));
    }
}
