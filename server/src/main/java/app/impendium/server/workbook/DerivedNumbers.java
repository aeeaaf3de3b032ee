package app.impendium.server.workbook;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.money.Percent;
import app.impendium.core.working.Figure;
import app.impendium.core.working.Name;
import app.impendium.core.working.Quantity.Measured;
import app.impendium.core.working.Working;
import java.util.Optional;

/** Numbers that the workings of an option only state, written as they follow from cells. */
final class DerivedNumbers {
    private final OptionEvaluation figures;
    private final OptionNames names;
    private final ScheduleColumns schedule;
    private final LevelPayments payments;

    DerivedNumbers(OptionEvaluation figures, OptionNames names, ScheduleColumns schedule) {
        this.figures = figures;
        this.names = names;
        this.schedule = schedule;
        this.payments = new LevelPayments(figures.loan().terms(), names);
    }

    /** A number that the workings only state, as it follows from others. */
    Optional<String> of(Working working, Measured number) {
        int interestOnly = figures.loan().terms().features().interestOnlyPayments();
        boolean isPurchase =
                figures.option().financing().match(purchase -> true, loanOnly -> false, refinancing -> false);
        return switch (number.name()) {
            case REPAYING_PAYMENTS -> Optional.of(names.of(Name.PAYMENTS_AGREED) + "-" + interestOnly);
            case BASE_LOAN -> isPurchase ? Optional.of(baseLoan()) : Optional.empty();
            case VALUE -> isPurchase && isValuedAtPrice() ? Optional.of(names.of(Name.PRICE)) : Optional.empty();
            case MONTHLY_PAYMENT -> Optional.of(payments.monthlyPayment());
            case PAYMENT -> firstPaid(working, number);
            case MORTGAGE_INSURANCE -> isPurchase && isValuedAtPrice() ? premium() : Optional.empty();
            default -> Optional.empty();
        };
    }

    private String baseLoan() {
        return names.of(Name.PRICE) + "-" + names.of(Name.DOWN_PAYMENT);
    }

    private boolean isValuedAtPrice() {
        Financing financing = figures.option().financing();
        return financing.value().equals(financing.price());
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
                        .map(agreed -> payments.reducedPayment(
                                agreed.reductions().get(0).value()));
    }

    /** A month's premium, which is due while the loan is more than 80 % of the value. */
    private Optional<String> premium() {
        Percent yearly = figures.option().housing().yearlyMortgageInsurance();
        if (!yearly.isPositive()) {
            return Optional.empty();
        }
        return Optional.of("IF((" + baseLoan() + ")*100>" + names.of(Name.PRICE) + "*"
                + MortgageInsurance.ON_REQUEST_PERCENT + ","
                + Cents.nearest(names.of(Name.LOAN) + "*"
                        + yearly.value().movePointLeft(2).toPlainString() + "/12")
                + ",0)");
    }
}
