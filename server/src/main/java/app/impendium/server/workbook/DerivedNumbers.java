package app.impendium.server.workbook;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.cost.ClosingItem.Kind;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.working.Figure;
import app.impendium.core.working.Name;
import app.impendium.core.working.Quantity.Measured;
import app.impendium.core.working.Working;
import java.util.Optional;
import java.util.stream.Collectors;

/** Numbers that the workings of an option only state, written as they follow from cells. */
final class DerivedNumbers {
    private final OptionEvaluation figures;
    private final OptionNames names;
    private final ScheduleColumns schedule;
    private final LevelPayments payments;
    private final ClosingCells closing;

    DerivedNumbers(OptionEvaluation figures, OptionNames names, ScheduleColumns schedule) {
        this.figures = figures;
        this.names = names;
        this.schedule = schedule;
        this.payments = new LevelPayments(figures.loan().terms(), names);
        this.closing = new ClosingCells(figures, names);
    }

    /** A number that the workings only state, as it follows from others. */
    Optional<String> of(Working working, Measured number) {
        boolean isCash = working.figure() == Figure.CASH_TO_CLOSE;
        return switch (number.name()) {
            case REPAYING_PAYMENTS ->
                Optional.of(names.of(Name.PAYMENTS_AGREED) + "-"
                        + figures.loan().terms().features().interestOnlyPayments());
            case BASE_LOAN -> baseLoan();
            case VALUE -> isRefinancing() ? Optional.empty() : value();
            case PRICE -> isRefinancing() ? value() : Optional.empty();
            case MONTHLY_PAYMENT -> Optional.of(payments.monthlyPayment());
            case PAYMENT -> firstPaid(working, number);
            case MORTGAGE_INSURANCE -> Optional.of(insurance());
            case DEBT_PAID_OFF -> Optional.of(number.value().toPlainString());
            case DOWN_PAYMENT -> isPurchase() ? Optional.empty() : Optional.of(ClosingCells.NOTHING);
            case CASH_OUT -> isRefinancing() ? Optional.empty() : Optional.of(ClosingCells.NOTHING);
            case FINANCED_COSTS -> Optional.of(closing.financed());
            case FINANCED_PREMIUM -> Optional.of(closing.financedPremium());
            case UPFRONT_PREMIUM -> isCash ? Optional.of(closing.premiumAtClosing()) : Optional.empty();
            case BUYDOWN_SUBSIDY -> Optional.of(isCash ? closing.buydown() : subsidy());
            case COSTS_IT_MAY_PAY -> Optional.of(closing.payable());
            case SELLER_CREDIT_USED ->
                number.value().signum() == 0 ? Optional.of(ClosingCells.NOTHING) : Optional.empty();
            case POINTS,
                    LOAN_FEE,
                    OTHER_COST,
                    PREPAYMENT_CHARGE,
                    PREPAID_INTEREST,
                    PREPAID_ITEM,
                    LENDER_CREDIT,
                    SELLER_CREDIT -> closing.of(Kind.valueOf(number.name().name()));
            default -> Optional.empty();
        };
    }

    private boolean isPurchase() {
        return financing().match(purchase -> true, loanOnly -> false, refinancing -> false);
    }

    private boolean isRefinancing() {
        return financing().match(purchase -> false, loanOnly -> false, refinancing -> true);
    }

    /** What the home is worth to a lender; none where nothing is known of it. */
    private Optional<String> value() {
        return financing()
                .match(
                        purchase -> Optional.of(purchase.appraisal()
                                .map(worth -> "MIN(" + names.of(Name.PRICE) + ","
                                        + worth.toDecimal().toPlainString() + ")")
                                .orElse(names.of(Name.PRICE))),
                        loanOnly -> Optional.empty(),
                        refinancing -> refinancing.homeValue().map(worth -> names.of(Name.VALUE)));
    }

    /** The loan without a financed premium; none where it is put in. */
    private Optional<String> baseLoan() {
        return financing()
                .match(
                        purchase -> Optional.of(names.of(Name.PRICE) + "-" + names.of(Name.DOWN_PAYMENT)),
                        loanOnly -> Optional.empty(),
                        refinancing -> Optional.of(names.of(Name.LOAN) + "-" + closing.financedPremium()));
    }

    private Financing financing() {
        return figures.option().financing();
    }

    /** What the first month counts, where an interest-only period or a buydown has it differ from the regular payment. */
    private Optional<String> firstPaid(Working working, Measured number) {
        if (working.figure() != Figure.PRINCIPAL_AND_INTEREST) {
            return Optional.empty();
        }
        boolean isFirstLine = number.value()
                        .compareTo(figures.loan().schedule().line(1).payment().toDecimal())
                == 0;
        return isFirstLine
                ? Optional.of(schedule.first())
                : figures.option()
                        .closing()
                        .buydown()
                        .map(agreed ->
                                payments.reducedPayment(agreed.reductions().get(0)));
    }

    /** What a temporary buydown costs: each year's payments less those that the clients make. */
    private String subsidy() {
        return figures.option().closing().buydown().orElseThrow().reductions().stream()
                .map(reduction -> "(" + names.of(Name.PAYMENT) + "-" + payments.reducedPayment(reduction) + ")*"
                        + names.of(Name.PAYMENTS_PER_YEAR))
                .collect(Collectors.joining("+"));
    }

    /** A month's premium, which is due while the loan is more than 80 % of the value. */
    private String insurance() {
        if (!isInsurable()) {
            return ClosingCells.NOTHING;
        }
        return "IF((" + baseLoan().orElseThrow() + ")*100>" + value().orElseThrow() + "*"
                + MortgageInsurance.ON_REQUEST_PERCENT + ","
                + Cents.nearest(names.of(Name.LOAN) + "*" + names.of(Name.INSURANCE_PERCENT) + "/12") + ",0)";
    }

    /** Whether a premium is due once the loan is large enough a part of the value. */
    boolean isInsurable() {
        return figures.option().housing().yearlyMortgageInsurance().isPositive()
                && financing().value().isPresent();
    }
}
