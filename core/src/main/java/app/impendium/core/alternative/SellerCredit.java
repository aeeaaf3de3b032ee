package app.impendium.core.alternative;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.Closing;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.alternative.CreditWay.Kind;
import app.impendium.core.cost.BuydownTerms;
import app.impendium.core.cost.ClosingAmount;
import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.ClosingItem;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.Payer;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Parameter;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.pricing.RateOffer;
import app.impendium.core.pricing.RateTable;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A seller's credit used three ways: the most points of the rate table that it pays for; the largest usual buydown whose
 * exact subsidy it pays for; the price lowered by it, with the percent down kept. What is left of it pays other closing costs,
 * and what cannot be used is told.
 */
public final class SellerCredit {
    /** From the largest to the smallest. */
    private static final List<List<Percent>> USUAL_BUYDOWNS = List.of(
            List.of(Percent.of("3"), Percent.of("2"), Percent.of("1")),
            List.of(Percent.of("2"), Percent.of("1")),
            List.of(Percent.of("1")));

    private final LoanOption option;
    private final Financing.Purchase purchase;
    private final Money credit;

    /**
     * @param option the purchase that it is offered for
     * @param credit from 0.01 to below the price
     * @throws CaseException if nothing is bought, or the credit is outside its range
     */
    public SellerCredit(LoanOption option, Money credit) {
        if (!(option.financing() instanceof Financing.Purchase bought)) {
            throw CaseException.of(Parameter.CREDIT, Code.NOTHING_BOUGHT, credit.toValue());
        }
        this.option = option;
        this.purchase = bought;
        this.credit = credit.within(Money.ofCents(1), bought.homePrice().minus(Money.ofCents(1)), Parameter.CREDIT);
    }

    /**
     * The three ways.
     *
     * @param table the rates that points are taken from, where there is one
     * @param score the clients' credit score, where it is known
     */
    public List<CreditWay> ways(Optional<RateTable> table, Optional<Integer> score) {
        return List.of(points(table, score), buydown(), lowerPrice());
    }

    private CreditWay points(Optional<RateTable> table, Optional<Integer> score) {
        if (table.isEmpty()) {
            return none(Kind.POINTS, Code.NO_RATE_TABLE);
        }
        Money loan = option.loanTerms().amount();
        List<RateOffer> priced = table.get().pricedFor(option.financing().loanToValuePercent(), score).stream()
                .filter(this::isBelowOwnRate)
                .toList();
        return RateTable.mostPointsFor(credit, loan, priced)
                .map(this::withPoints)
                .orElseGet(() -> none(
                        Kind.POINTS,
                        Code.CREDIT_TOO_SMALL,
                        RateTable.leastPoints(loan, priced).stream().toArray(Value[]::new)));
    }

    private boolean isBelowOwnRate(RateOffer offer) {
        return offer.rate()
                        .percent()
                        .value()
                        .compareTo(option.rate().annual().percent().value())
                < 0;
    }

    private CreditWay withPoints(RateOffer offer) {
        ClosingAmount share = ClosingAmount.ShareOfLoan.of(offer.points().percent());
        ClosingItem points = new ClosingItem(ClosingItem.Kind.POINTS, share, Payer.BUYER);
        LoanOption changed = option.withRate(offer.rate()).withClosing(withCredit(Stream.of(points), Optional.empty()));
        return new CreditWay.Points(
                offer, changed, offer.points().on(changed.loanTerms().amount()), unused(changed));
    }

    private CreditWay buydown() {
        List<Money> subsidies = new ArrayList<>();
        List<Finding> refused = new ArrayList<>();
        for (List<Percent> reductions : USUAL_BUYDOWNS) {
            LoanOption changed =
                    option.withClosing(withCredit(Stream.of(), Optional.of(new BuydownTerms(reductions, Payer.BUYER))));
            try {
                OptionEvaluation figures = CaseEvaluator.evaluate(changed);
                Money subsidy = figures.loan().subsidyOfBuyer();
                if (!subsidy.isAbove(credit)) {
                    return new CreditWay.Reduced(
                            reductions, changed, subsidy, figures.cashToClose().sellerCreditUnused());
                }
                subsidies.add(subsidy);
            } catch (CaseException noSuchBuydown) {
                refused = noSuchBuydown.findings();
            }
        }
        return subsidies.isEmpty()
                ? new CreditWay.None(Kind.BUYDOWN, refused)
                : none(
                        Kind.BUYDOWN,
                        Code.CREDIT_TOO_SMALL,
                        subsidies.get(subsidies.size() - 1).toValue());
    }

    private CreditWay lowerPrice() {
        Money price = purchase.homePrice().minus(credit);
        DownPayment down = purchase.downPayment() instanceof DownPayment.Share share
                ? share
                : new DownPayment.Share(percentDown());
        try {
            Financing lower = new Financing.Purchase(price, down, purchase.appraisal());
            return new CreditWay.LowerPrice(price, option.withFinancing(lower));
        } catch (CaseException noSuchPrice) {
            return new CreditWay.None(Kind.PRICE, noSuchPrice.findings());
        }
    }

    /** An amount down as a share, to the decimals that a share can have. */
    private Percent percentDown() {
        return new Percent(purchase.percentDown().orElseThrow().setScale(6, RoundingMode.HALF_EVEN));
    }

    /** The closing with the credit instead of any there was, and with points or a buydown instead of those. */
    private Closing withCredit(Stream<ClosingItem> points, Optional<BuydownTerms> buydown) {
        Closing closing = option.closing();
        Stream<ClosingItem> others = closing.costs().items().stream()
                .filter(item -> item.kind() != ClosingItem.Kind.SELLER_CREDIT
                        && item.kind() != ClosingItem.Kind.POINTS
                        && item.kind() != ClosingItem.Kind.LENDER_CREDIT);
        List<ClosingItem> items = Stream.of(
                        others, points, Stream.of(ClosingItem.of(ClosingItem.Kind.SELLER_CREDIT, credit)))
                .flatMap(each -> each)
                .toList();
        return new Closing(
                closing.day(), new ClosingCosts(items), closing.upfrontPremium(), buydown, closing.debtsPaidOff());
    }

    private static Money unused(LoanOption changed) {
        return CaseEvaluator.evaluate(changed).cashToClose().sellerCreditUnused();
    }

    private CreditWay none(Kind way, Code code, Value... nearest) {
        Value[] values =
                Stream.concat(Stream.of(credit.toValue()), Stream.of(nearest)).toArray(Value[]::new);
        return new CreditWay.None(way, List.of(Finding.of(Parameter.CREDIT, code, values)));
    }
}
