package app.impendium.server.evaluation;

import app.impendium.core.Closing;
import app.impendium.core.cost.BuydownTerms;
import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.UpfrontPremium;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads what an option of a case document says of the day the loan is paid out. */
final class ClosingReader {
    private static final int MOST_POINTS = 10;
    private static final ClosingDocument NOTHING =
            new ClosingDocument(null, null, null, null, null, null, null, null, null, null);

    private final Findings findings = new Findings();
    private final ClosingDocument given;
    private final BuydownDocument buydown;

    private ClosingReader(OptionDocument document) {
        this.given = document.closing() == null ? NOTHING : document.closing();
        this.buydown = document.buydown();
    }

    /**
     * @throws CaseException with every finding, its fields named as in the document
     */
    static Closing read(OptionDocument document) {
        return new ClosingReader(document).closing();
    }

    private Closing closing() {
        Optional<ClosingCosts> costs = findings.group("closing", this::costs);
        Optional<UpfrontPremium> premium = percent("closing.upfrontPremiumPercent", given.upfrontPremiumPercent())
                .map(percent -> new UpfrontPremium(percent, Boolean.TRUE.equals(given.upfrontPremiumFinanced())));
        Optional<BuydownTerms> agreed = buydown == null ? Optional.empty() : findings.group("buydown", this::buydown);
        findings.throwIfAny();
        return new Closing(Optional.ofNullable(given.day()), costs.orElseThrow(), premium.orElseThrow(), agreed);
    }

    private ClosingCosts costs() {
        Findings own = new Findings();
        Optional<Percent> points = percent(own, "pointsPercent", given.pointsPercent());
        Optional<Percent> credit = percent(own, "lenderCreditPercent", given.lenderCreditPercent());
        Optional<Money> loanFees = amount(own, "loanFeesCents", given.loanFeesCents());
        Optional<Money> otherCosts = amount(own, "otherCostsCents", given.otherCostsCents());
        Optional<Money> prepaidInterest = amount(own, "prepaidInterestCents", given.prepaidInterestCents());
        Optional<Money> prepaidItems = amount(own, "prepaidItemsCents", given.prepaidItemsCents());
        Optional<Money> sellerCredit = amount(own, "sellerCreditCents", given.sellerCreditCents());
        own.throwIfAny();
        try {
            return new ClosingCosts(
                    points.orElseThrow(),
                    credit.orElseThrow(),
                    loanFees.orElseThrow(),
                    otherCosts.orElseThrow(),
                    prepaidInterest.orElseThrow(),
                    prepaidItems.orElseThrow(),
                    sellerCredit.orElseThrow());
        } catch (CaseException refusal) {
            throw DocumentFields.of(refusal);
        }
    }

    private BuydownTerms buydown() {
        Findings own = new Findings();
        List<Percent> reductions = new ArrayList<>();
        List<BigDecimal> percents = buydown.reductionsPercent() == null ? List.of() : buydown.reductionsPercent();
        for (int year = 0; year < percents.size(); year++) {
            BigDecimal percent = percents.get(year);
            String path = "reductionsPercent[" + year + "]";
            if (CaseReader.required(path, percent, own)) {
                own.field(path, () -> new Percent(percent)).ifPresent(reductions::add);
            }
        }
        CaseReader.required("payer", buydown.payer(), own);
        own.throwIfAny();
        Optional<BuydownTerms> agreed =
                own.field("reductionsPercent", () -> new BuydownTerms(reductions, buydown.payer()));
        own.throwIfAny();
        return agreed.orElseThrow();
    }

    private Optional<Percent> percent(String field, BigDecimal value) {
        return percent(findings, field, value);
    }

    private static Optional<Percent> percent(Findings findings, String field, BigDecimal value) {
        return findings.field(field, () -> Percent.upTo(MOST_POINTS, value == null ? BigDecimal.ZERO : value, field));
    }

    private static Optional<Money> amount(Findings findings, String field, Long cents) {
        return findings.field(
                field, () -> Money.ofCents(cents == null ? 0 : cents).within(Money.ZERO, Money.LARGEST, field));
    }
}
