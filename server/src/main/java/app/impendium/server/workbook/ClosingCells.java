package app.impendium.server.workbook;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.cost.CashToClose.Cost;
import app.impendium.core.cost.ClosingAmount.Fixed;
import app.impendium.core.cost.ClosingAmount.ShareOfLoan;
import app.impendium.core.cost.ClosingItem;
import app.impendium.core.cost.ClosingItem.Kind;
import app.impendium.core.cost.UpfrontPremium;
import app.impendium.core.working.Name;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What is due and credited at closing, as it follows from cells: a share of the loan follows the loan. */
final class ClosingCells {
    static final String NOTHING = "0";

    private final OptionEvaluation figures;
    private final OptionNames names;

    ClosingCells(OptionEvaluation figures, OptionNames names) {
        this.figures = figures;
        this.names = names;
    }

    /** All of a kind; none where it is an amount that stands in a cell of its own. */
    Optional<String> of(Kind kind) {
        List<ClosingItem> items = counted(kind);
        if (items.isEmpty()) {
            return Optional.of(NOTHING);
        }
        return items.stream().anyMatch(item -> item.amount() instanceof ShareOfLoan)
                ? Optional.of(items.stream().map(this::cell).collect(Collectors.joining("+")))
                : Optional.empty();
    }

    /** The premium that is added to the loan. */
    String financedPremium() {
        return premium().financed() ? upfront() : NOTHING;
    }

    /** The premium that is paid at closing. */
    String premiumAtClosing() {
        return premium().financed() ? NOTHING : upfront();
    }

    /** What the clients pay of a temporary buydown. */
    String buydown() {
        return figures.cashToClose().buydownSubsidy().isZero() ? NOTHING : names.of(Name.BUYDOWN_SUBSIDY);
    }

    /** All that a seller credit may pay. */
    String payable() {
        return Stream.concat(
                        figures.cashToClose().costs().stream().map(Cost::kind).map(this::sum),
                        Stream.of(premiumAtClosing(), buydown()))
                .collect(Collectors.joining("+"));
    }

    /** The costs that the loan itself pays. */
    String financed() {
        if (figures.cashToClose().financedCosts().isZero()) {
            return NOTHING;
        }
        if (isBound()) {
            return figures.cashToClose().financedCosts().toDecimal().toPlainString();
        }
        String costs = figures.cashToClose().costs().stream()
                .map(Cost::kind)
                .map(this::sum)
                .collect(Collectors.joining("+"));
        return "MAX(0," + costs + "-(" + sum(Kind.LENDER_CREDIT) + "))";
    }

    /** Whether the loan pays costs that are a share of it: what it comes to is searched for, which no cell can. */
    boolean isBound() {
        return !figures.cashToClose().financedCosts().isZero()
                && figures.option().closing().costs().items().stream()
                        .anyMatch(item -> item.amount() instanceof ShareOfLoan);
    }

    private String sum(Kind kind) {
        return of(kind).orElse(names.of(Name.of(kind)));
    }

    private List<ClosingItem> counted(Kind kind) {
        return figures.option().closing().costs().items().stream()
                .filter(item -> item.kind() == kind && (kind.isCredit() || item.isPaidByClient()))
                .filter(item -> !item.amount().of(figures.loan().amount()).isZero())
                .toList();
    }

    private String cell(ClosingItem item) {
        return item.amount() instanceof ShareOfLoan share
                ? Cents.nearest(names.of(Name.LOAN) + "*"
                        + share.percent().value().movePointLeft(2).toPlainString())
                : ((Fixed) item.amount()).amount().toDecimal().toPlainString();
    }

    private UpfrontPremium premium() {
        return figures.option().closing().upfrontPremium();
    }

    private String upfront() {
        return premium().percent().isPositive() ? names.of(Name.UPFRONT_PREMIUM) : NOTHING;
    }
}
