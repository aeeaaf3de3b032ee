package app.impendium.core.rental;

import app.impendium.core.LoanOption;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.loan.LevelPayment;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;

/**
 * A loan on a let home, as its lender looks at it: the payment that counts is the level one, or interest alone in
 * interest-only time. No schedule is needed for it. Immutable but for what is computed once.
 */
public final class LetLoan {
    private static final int MONTHS_PER_YEAR = 12;

    private final LoanTerms terms;
    private final Money base;
    private final HousingTerms housing;
    private final Money price;
    private Outgoings outgoings;

    private LetLoan(LoanTerms terms, Money base, LoanOption option) {
        this.terms = terms;
        this.base = base;
        this.housing = option.housing();
        this.price = option.price();
    }

    /**
     * The loan of an option.
     *
     * @throws CaseException if the option has no loan
     */
    public static LetLoan of(LoanOption option) {
        return of(option, option.rate().annual(), option.financing().loanAmount());
    }

    /**
     * Another loan on the same home, whatever pays for the rest.
     *
     * @throws CaseException if there is no such loan
     */
    static LetLoan of(LoanOption option, AnnualRate rate, Money base) {
        LoanOption level = option.atLevelPayment();
        Money amount = base.plus(option.closing().upfrontPremium().addedToLoan(base));
        LoanTerms terms = new LoanTerms(
                amount,
                level.rate().withAnnual(rate),
                level.amortization().payments(level.frequency()),
                level.rounding(),
                level.features());
        return new LetLoan(terms, base, option);
    }

    /**
     * The rent of a month, if it can be one.
     *
     * @throws CaseException if it is above the price, where that is known
     */
    public static Money checkedRent(Money rent, LoanOption option) {
        option.financing().price().filter(rent::isAbove).ifPresent(price -> {
            throw CaseException.of(Field.RENT, Code.RENT_ABOVE_PRICE, rent.toValue(), price.toValue());
        });
        return rent;
    }

    /** What is owed at the start, a financed premium included. */
    public Money amount() {
        return terms.amount();
    }

    /** What is borrowed before a financed premium is added: what is measured against the value. */
    public Money base() {
        return base;
    }

    /** The annual rate. */
    public AnnualRate rate() {
        return terms.rate().annual();
    }

    /** Whether interest alone is paid at first. */
    public boolean isInterestOnly() {
        return terms.features().interestOnlyPayments() > 0;
    }

    /** What goes out a month, by parts. */
    public Outgoings outgoings() {
        if (outgoings == null) {
            outgoings = new Outgoings(
                    monthly(payment()),
                    housing.propertyTax().monthly(price),
                    housing.yearlyHomeInsurance().dividedBy(MONTHS_PER_YEAR),
                    housing.monthlyDues());
        }
        return outgoings;
    }

    private Money payment() {
        if (isInterestOnly()) {
            return Money.ofCents(terms.rate().interestOn(terms.amount().cents()));
        }
        return LevelPayment.of(terms);
    }

    private Money monthly(Money payment) {
        int perYear = terms.rate().frequency().perYear();
        return perYear == MONTHS_PER_YEAR ? payment : payment.times(perYear).dividedBy(MONTHS_PER_YEAR);
    }
}
