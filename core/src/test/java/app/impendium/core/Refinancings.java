package app.impendium.core;

import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.ClosingItem;
import app.impendium.core.cost.CreditCostRate;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.cost.PropertyTax;
import app.impendium.core.cost.UpfrontPremium;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.RegularPayment;
import app.impendium.core.loan.RunningDebt;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/** The two options of a golden case of refinancing: to stay, and to refinance. */
public final class Refinancings {
    private static final HousingTerms NOTHING_BESIDE = new HousingTerms(
            new PropertyTax.Amount(Money.ZERO), Money.ZERO, Percent.ZERO, true, Money.ZERO, Money.ZERO);

    private Refinancings() {}

    /** Staying, then refinancing. */
    public static List<LoanOption> of(JsonNode input) {
        return List.of(staying(input), refinancing(input));
    }

    private static LoanOption staying(JsonNode input) {
        return option(
                new Financing.LoanOnly(money(input, "balance")),
                input.get("ratePercent").asString(),
                input.get("paymentsLeft").asInt(),
                LoanFeatures.NONE.withRegular(new RegularPayment.Custom(money(input, "payment"))),
                ClosingCosts.NONE);
    }

    private static LoanOption refinancing(JsonNode input) {
        ClosingCosts costs =
                new ClosingCosts(List.of(ClosingItem.of(ClosingItem.Kind.LOAN_FEE, money(input, "costs"))));
        Financing.Refinancing paidInCash = Financing.Refinancing.of(
                money(input, "balance"), debts(input.get("debtsSettled")), money(input, "cashOut"), Optional.empty());
        return option(
                input.get("costsFinanced").asBoolean() ? paidInCash.financing(costs, UpfrontPremium.NONE) : paidInCash,
                input.get("newRatePercent").asString(),
                input.get("newPayments").asInt(),
                LoanFeatures.NONE,
                costs);
    }

    private static List<RunningDebt> debts(JsonNode settled) {
        List<RunningDebt> debts = new ArrayList<>();
        settled.forEach(debt -> debts.add(new RunningDebt(
                "debt-" + debts.size(),
                money(debt, "balance"),
                Optional.of(money(debt, "payment")),
                AnnualRate.ofPercent(debt.get("ratePercent").asString()))));
        return debts;
    }

    private static LoanOption option(
            Financing financing, String rate, int months, LoanFeatures features, ClosingCosts costs) {
        return new LoanOption(
                financing,
                Options.rate(rate),
                PaymentRounding.NEAREST_CENT,
                new LoanTerm(months),
                Optional.empty(),
                LocalDate.of(2027, 3, 1),
                features,
                new Closing(Optional.empty(), costs, Closing.PLAIN.upfrontPremium(), Optional.empty(), List.of()),
                NOTHING_BESIDE,
                CreditCostRate.ANNUAL_PERCENTAGE_RATE);
    }

    private static Money money(JsonNode from, String name) {
        return Money.ofCents(GoldenCases.cents(from.get(name)));
    }
}
