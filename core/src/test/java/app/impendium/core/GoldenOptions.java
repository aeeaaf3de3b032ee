package app.impendium.core;

import app.impendium.core.cost.BuydownTerms;
import app.impendium.core.cost.ClosingAmount;
import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.ClosingItem;
import app.impendium.core.cost.ClosingItem.Kind;
import app.impendium.core.cost.CreditCostRate;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.cost.Payer;
import app.impendium.core.cost.PropertyTax;
import app.impendium.core.cost.UpfrontPremium;
import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.RateChange;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.StreamSupport;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** Options from the whole options of the golden cases, which are written as in a case document. */
public final class GoldenOptions {
    private static final JsonNode NOTHING = JsonNodeFactory.instance.objectNode();

    private final JsonNode input;
    private final JsonNode closing;
    private final JsonNode housing;
    private final PaymentFrequency frequency;
    private final PeriodicRate rate;
    private final LocalDate first;

    private GoldenOptions(JsonNode input) {
        this.input = input;
        this.closing = input.has("closing") ? input.get("closing") : NOTHING;
        this.housing = input.has("housing") ? input.get("housing") : NOTHING;
        this.frequency = PaymentFrequency.valueOf(input.get("frequency").asString());
        this.rate = PeriodicRate.of(
                annualRate(input), Compounding.valueOf(input.get("compounding").asString()), frequency);
        this.first = input.has("firstPayment")
                ? day(input, "firstPayment")
                : PaymentDates.firstAfterClosing(day(closing, "day"));
    }

    private static AnnualRate annualRate(JsonNode given) {
        return AnnualRate.ofPercent(given.get("ratePercent").asString());
    }

    public static LoanOption of(JsonNode input) {
        return new GoldenOptions(input).option();
    }

    private LoanOption option() {
        return new LoanOption(
                financing(),
                rate,
                PaymentRounding.valueOf(input.get("rounding").asString()),
                new LoanTerm(input.get("termMonths").asInt()),
                Optional.empty(),
                first,
                LoanFeatures.NONE
                        .withInterestOnly(input.path("interestOnlyPayments").asInt(0))
                        .withBalloon(amount(input, "residualCents"))
                        .withExtras(extras(), ExtraEffect.END_EARLY)
                        .withRateChanges(rateChanges()),
                closing(),
                housing(),
                CreditCostRate.ANNUAL_PERCENTAGE_RATE);
    }

    private Financing financing() {
        if (input.has("loanCents")) {
            return new Financing.LoanOnly(amount(input, "loanCents"));
        }
        DownPayment down = input.has("downPercent")
                ? new DownPayment.Share(percent(input, "downPercent"))
                : new DownPayment.Amount(amount(input, "downCents"));
        Optional<Money> appraisal =
                input.has("appraisalCents") ? Optional.of(amount(input, "appraisalCents")) : Optional.empty();
        return new Financing.Purchase(amount(input, "priceCents"), down, appraisal);
    }

    private List<ExtraPayment> extras() {
        List<ExtraPayment> extras = new ArrayList<>();
        for (JsonNode extra : input.path("extras")) {
            int from = extra.has("firstDay")
                    ? new PaymentDates(first, frequency).firstOnOrAfter(day(extra, "firstDay"))
                    : extra.get("firstPayment").asInt();
            extras.add(new ExtraPayment.Regular(amount(extra, "cents"), from, Integer.MAX_VALUE));
        }
        return extras;
    }

    private List<RateChange> rateChanges() {
        return StreamSupport.stream(input.path("rateChanges").spliterator(), false)
                .map(change -> new RateChange(change.get("fromPayment").asInt(), rate.withAnnual(annualRate(change))))
                .toList();
    }

    private Closing closing() {
        return new Closing(
                closing.has("day") ? Optional.of(day(closing, "day")) : Optional.empty(),
                new ClosingCosts(List.of(
                        share(Kind.POINTS, "pointsPercent"),
                        share(Kind.LENDER_CREDIT, "lenderCreditPercent"),
                        fixed(Kind.LOAN_FEE, "loanFeesCents"),
                        fixed(Kind.OTHER_COST, "otherCostsCents"),
                        fixed(Kind.PREPAID_INTEREST, "prepaidInterestCents"),
                        fixed(Kind.PREPAID_ITEM, "prepaidItemsCents"),
                        fixed(Kind.SELLER_CREDIT, "sellerCreditCents"))),
                new UpfrontPremium(
                        percent(closing, "upfrontPremiumPercent"),
                        closing.path("upfrontPremiumFinanced").asBoolean(false)),
                input.has("buydown") ? Optional.of(buydown(input.get("buydown"))) : Optional.empty(),
                List.of());
    }

    private ClosingItem fixed(Kind kind, String name) {
        return ClosingItem.of(kind, amount(closing, name));
    }

    private ClosingItem share(Kind kind, String name) {
        return new ClosingItem(kind, new ClosingAmount.ShareOfLoan(percent(closing, name)), Payer.BUYER);
    }

    private static BuydownTerms buydown(JsonNode given) {
        List<Percent> reductions = StreamSupport.stream(
                        given.get("reductionsPercent").spliterator(), false)
                .map(reduction -> Percent.of(reduction.asString()))
                .toList();
        return new BuydownTerms(reductions, Payer.valueOf(given.get("payer").asString()));
    }

    private HousingTerms housing() {
        PropertyTax tax = housing.has("propertyTaxPercent")
                ? new PropertyTax.ShareOfPrice(percent(housing, "propertyTaxPercent"))
                : new PropertyTax.Amount(amount(housing, "propertyTaxCents"));
        return new HousingTerms(
                tax,
                amount(housing, "homeInsuranceCents"),
                percent(housing, "mortgageInsurancePercent"),
                !housing.path("taxAndInsuranceSentBy").asString("").equals("CLIENTS"),
                amount(housing, "duesCents"),
                amount(housing, "otherCents"));
    }

    private static LocalDate day(JsonNode node, String field) {
        return LocalDate.parse(node.get(field).asString());
    }

    private static Money amount(JsonNode node, String field) {
        return Money.ofCents(node.path(field).asLong(0));
    }

    private static Percent percent(JsonNode node, String field) {
        return Percent.of(node.path(field).asString("0"));
    }
}
