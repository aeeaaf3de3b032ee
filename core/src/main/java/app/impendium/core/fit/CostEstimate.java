package app.impendium.core.fit;

import app.impendium.core.LoanOption;
import app.impendium.core.afford.StressedRate;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;

/**
 * What a home costs a month, in doubles: leads a search to within a step or two of its answer, which is then found by asking
 * exactly. No figure is ever taken from it.
 */
final class CostEstimate {
    private static final double HALF_A_CENT = 0.499;
    private static final double MONTHS_PER_YEAR = 12;
    private static final double HUNDRED_TIMES_MONTHS = 1200;

    /**
     * A loan as far as levers move it; amounts in cents.
     *
     * @param percent the annual rate
     * @param years how long it is repaid
     */
    record Point(double base, double price, double percent, double years) {}

    private final Point own;
    private final int compoundings;
    private final double paymentsPerYear;
    private final double monthlyShare;
    private final double interestOnlyYears;
    private final double balloon;
    private final double added;
    private final double floor;
    private final double financedShare;
    private final double appraisal;
    private final double taxShare;
    private final double insuranceShare;
    private final double fixed;
    private final double ownRate;
    private final double ownGain;
    private final double roundedOff;

    CostEstimate(LoanOption option, StressedRate stressed) {
        HousingTerms housing = option.housing();
        LoanFeatures features = option.features();
        Money base = option.financing().loanAmount();
        this.own = new Point(
                base.cents(),
                option.price().cents(),
                percent(option.rate().annual()),
                option.amortization().months() / MONTHS_PER_YEAR);
        int perYear = option.frequency().perYear();
        this.compoundings = option.rate().compounding().perYear();
        boolean isAccelerated = option.frequency().isAccelerated();
        this.paymentsPerYear = isAccelerated ? MONTHS_PER_YEAR : perYear;
        this.monthlyShare =
                perYear / MONTHS_PER_YEAR / (isAccelerated ? option.frequency().sharesOfMonth() : 1);
        this.interestOnlyYears = (double) features.interestOnlyPayments() / perYear;
        this.balloon = features.balloon().cents();
        this.added = stressed.added().value().doubleValue();
        this.floor = percent(stressed.floor());
        this.financedShare =
                (double) option.closing().upfrontPremium().addedToLoan(base).cents() / base.cents();
        this.appraisal = option.financing()
                .value()
                .filter(option.price()::isAbove)
                .map(value -> (double) value.cents())
                .orElse(Double.MAX_VALUE);
        double taxOfNothing = housing.propertyTax().monthly(Money.ZERO).cents();
        this.taxShare = own.price() == 0
                ? 0
                : (housing.propertyTax().monthly(option.price()).cents() - taxOfNothing) / own.price();
        this.insuranceShare = housing.yearlyMortgageInsurance().value().doubleValue() / HUNDRED_TIMES_MONTHS;
        this.fixed = taxOfNothing
                + housing.yearlyHomeInsurance().cents() / MONTHS_PER_YEAR
                + housing.monthlyDues().cents()
                + housing.monthlyOther().cents();
        this.ownRate = ratePerPayment(own.percent());
        this.ownGain = gain(ownRate, own.years());
        this.roundedOff =
                option.rounding() == PaymentRounding.NEAREST_CENT ? HALF_A_CENT * perYear / MONTHS_PER_YEAR : 0;
    }

    /** Where the option stands. */
    Point own() {
        return own;
    }

    /** By how much, in cents, the exact cost may exceed a whole cent of a month's room and still be rounded down to it. */
    double roundedOff() {
        return roundedOff;
    }

    /** What is owed at the start, in cents. */
    double owed(Point at) {
        return at.base() * (1 + financedShare);
    }

    /** Whether the loan is insured there. */
    boolean isInsured(Point at) {
        return insuranceShare > 0 && at.price() > 0 && beyondUninsured(at) > 0;
    }

    /** By how much the loan is above the largest that needs no insurance, times a hundred. */
    double beyondUninsured(Point at) {
        return at.base() * 100 - Math.min(at.price(), appraisal) * MortgageInsurance.ON_REQUEST_PERCENT;
    }

    /** What the home costs a month there at the tested rate, in cents, as an insured loan or as one that is not. */
    double housing(Point at, boolean isInsured) {
        double insurance = isInsured ? insuranceShare * owed(at) : 0;
        return payment(at) + taxShare * at.price() + insurance + fixed;
    }

    private double payment(Point at) {
        // Most levers leave rate and term as they are: what follows from these alone is known.
        boolean isOwn = at.percent() == own.percent();
        double rate = isOwn ? ownRate : ratePerPayment(at.percent());
        double gain = isOwn && at.years() == own.years() ? ownGain : gain(rate, at.years());
        double owed = owed(at);
        double level = rate == 0 ? (owed - balloon) / gain : rate * (owed + (owed - balloon) / gain);
        return level * monthlyShare;
    }

    private double ratePerPayment(double percent) {
        double tested = Math.min(AnnualRate.HIGHEST.doubleValue(), Math.max(floor, percent + added));
        double perCompounding = tested / 100 / compoundings;
        return compoundings == paymentsPerYear
                ? perCompounding
                : Math.exp(Math.log(1 + perCompounding) * compoundings / paymentsPerYear) - 1;
    }

    /** What one unit gains over the term; the number of payments where there is no interest. */
    private double gain(double rate, double years) {
        double payments = (years - interestOnlyYears) * paymentsPerYear;
        return rate == 0 ? payments : Math.exp(payments * Math.log(1 + rate)) - 1;
    }

    private static double percent(AnnualRate rate) {
        return rate.percent().value().doubleValue();
    }
}
