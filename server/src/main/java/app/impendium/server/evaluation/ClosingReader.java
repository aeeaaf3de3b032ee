package app.impendium.server.evaluation;

import app.impendium.core.Closing;
import app.impendium.core.cost.BuydownTerms;
import app.impendium.core.cost.ClosingAmount;
import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.ClosingItem;
import app.impendium.core.cost.Payer;
import app.impendium.core.cost.UpfrontPremium;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Findings;
import app.impendium.core.loan.RunningDebt;
import app.impendium.core.money.Percent;
import app.impendium.server.document.BuydownDocument;
import app.impendium.server.document.ClosingDocument;
import app.impendium.server.document.ClosingItemDocument;
import app.impendium.server.document.OptionDocument;
import app.impendium.server.document.RefinancingDocument;
import app.impendium.server.document.UpfrontPremiumDocument;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads what an option of a case document says of the day the loan is paid out. */
final class ClosingReader {
    private final Findings findings = new Findings();
    private final ClosingDocument given;
    private final Optional<BuydownDocument> buydown;
    private final List<String> paidOffByLoan;
    private final PayableDebts debts;

    private ClosingReader(OptionDocument document, PayableDebts debts) {
        this.given = document.closing();
        this.buydown = Optional.ofNullable(document.features().buydown());
        this.paidOffByLoan = document.financing() instanceof RefinancingDocument refinancing
                ? refinancing.debtsPaidOff()
                : List.of();
        this.debts = debts;
    }

    /**
     * @param debts the case's debts that can be paid off
     * @throws CaseException with every finding
     */
    static Closing read(OptionDocument document, PayableDebts debts) {
        return new ClosingReader(document, debts).closing();
    }

    private Closing closing() {
        List<ClosingItem> items = items();
        UpfrontPremium premium = Optional.ofNullable(given.upfrontPremium())
                .flatMap(this::premium)
                .orElse(UpfrontPremium.NONE);
        Optional<BuydownTerms> agreed = buydown.flatMap(this::buydown);
        List<RunningDebt> paidOff =
                debts.named(Field.DEBTS_PAID_IN_CASH, given.debtsPaidOff(), paidOffByLoan, findings);
        findings.throwIfAny();
        return new Closing(Optional.ofNullable(given.day()), new ClosingCosts(items), premium, agreed, paidOff);
    }

    private List<ClosingItem> items() {
        Needed.ids(Field.CLOSING_ITEMS, given.items(), findings);
        List<ClosingItem> items = new ArrayList<>();
        for (int i = 0; i < given.items().size(); i++) {
            ClosingItemDocument item = given.items().get(i);
            if (item != null) {
                item(Field.entry(Field.CLOSING_ITEMS, i), item).ifPresent(items::add);
            }
        }
        return items;
    }

    private Optional<ClosingItem> item(String path, ClosingItemDocument item) {
        Optional<ClosingAmount> amount = Needed.amountOrShare(
                path + ".amount", item.amount(), ClosingAmount.Fixed::new, ClosingAmount.ShareOfLoan::of, findings);
        Payer payer = item.paidBy() == null ? Payer.BUYER : CoreNames.of(Payer.class, item.paidBy());
        return Needed.value(path + ".kind", item.kind(), findings)
                .map(named -> CoreNames.of(ClosingItem.Kind.class, named))
                .flatMap(kind ->
                        amount.flatMap(charged -> findings.group(path, () -> new ClosingItem(kind, charged, payer))));
    }

    private Optional<UpfrontPremium> premium(UpfrontPremiumDocument premium) {
        return Needed.value(Field.UPFRONT_PREMIUM, premium.percent(), findings)
                .flatMap(percent -> findings.group("", () -> UpfrontPremium.of(percent, premium.financed())));
    }

    private Optional<BuydownTerms> buydown(BuydownDocument agreed) {
        List<Percent> reductions = new ArrayList<>();
        List<BigDecimal> percents = agreed.reductionsPercent() == null ? List.of() : agreed.reductionsPercent();
        for (int year = 0; year < percents.size(); year++) {
            BigDecimal percent = percents.get(year);
            String path = Field.entry(Field.REDUCTIONS, year);
            if (Needed.isThere(path, percent, findings)) {
                findings.field(path, () -> new Percent(percent)).ifPresent(reductions::add);
            }
        }
        return Needed.value("features.buydown.paidBy", agreed.paidBy(), findings)
                .filter(payer -> reductions.size() == percents.size())
                .map(payer -> CoreNames.of(Payer.class, payer))
                .flatMap(payer -> findings.group("", () -> new BuydownTerms(reductions, payer)));
    }
}
