package app.impendium.core.fit;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.afford.Funds;
import app.impendium.core.afford.Proposal;
import app.impendium.core.afford.StressedRate;
import app.impendium.core.cost.CashToClose;
import app.impendium.core.cost.HousingCost;
import app.impendium.core.cost.MonthlyCost;
import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.LevelPayment;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentBasis;
import app.impendium.core.loan.RegularPayment;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PeriodicRate;
import java.util.Optional;

/**
 * An option as a lender looks at it: the payment that counts is the one that repays the loan, without interest-only time,
 * extra payments or a temporary buydown. No schedule is needed for it, so that a lever can ask about many loans. Immutable
 * but for what is computed once.
 */
public final class QualifyingLoan implements Proposal {
    private static final int MONTHS_PER_YEAR = 12;

    private final LoanOption option;
    private final PeriodicRate testedRate;
    private final Funds funds;
    private final LoanTerms terms;
    private HousingCost housing;
    private Money tested;
    private Money cash;

    /**
     * @throws CaseException if the option has no loan
     */
    public QualifyingLoan(LoanOption option, StressedRate stressed, Funds funds) {
        this(option, stressed.of(option.rate()), funds);
    }

    /**
     * @param testedRate the rate per payment at which the limit set tests it
     * @throws CaseException if the option has no loan
     */
    QualifyingLoan(LoanOption option, PeriodicRate testedRate, Funds funds) {
        this.option = option;
        this.testedRate = testedRate;
        this.funds = funds;
        this.terms = option.loanTerms();
    }

    public LoanOption option() {
        return option;
    }

    /** What the home costs a month at the loan's own rate, by parts. */
    public HousingCost cost() {
        if (housing == null) {
            housing = cost(
                    terms.features().regular() instanceof RegularPayment.Custom chosen
                            ? chosen.amount()
                            : LevelPayment.of(terms));
        }
        return housing;
    }

    /** What the home costs a month at the rate at which the limit set tests it, by parts. */
    public HousingCost testedCost() {
        return testedRate.equals(terms.rate())
                ? cost()
                : cost(LevelPayment.of(PaymentBasis.of(terms).withRate(testedRate), terms.rounding()));
    }

    /** The rate at which the limit set tests it, where it is another than its own. */
    public Optional<AnnualRate> testedRate() {
        return Optional.of(testedRate.annual())
                .filter(rate -> !rate.equals(terms.rate().annual()));
    }

    @Override
    public Money housing() {
        return cost().total();
    }

    @Override
    public Money testedHousing() {
        if (tested == null) {
            tested = testedCost().total();
        }
        return tested;
    }

    @Override
    public Money loan() {
        return terms.amount();
    }

    @Override
    public Money base() {
        return option.financing().loanAmount();
    }

    @Override
    public Optional<Money> value() {
        return option.financing().value();
    }

    @Override
    public Money moneyLeft() {
        return funds.leftAfter(cashToClose());
    }

    /** What the clients bring to closing. Only the subsidy of a buydown follows from a schedule. */
    public Money cashToClose() {
        if (cash == null) {
            cash = option.closing().buydown().isPresent()
                    ? CaseEvaluator.evaluate(option).cashToClose().total()
                    : cashWithoutBuydown();
        }
        return cash;
    }

    private Money cashWithoutBuydown() {
        Money premium = option.closing().upfrontPremium().paidAtClosing(base());
        return CashToClose.of(
                        option.closing().costs(),
                        loan(),
                        option.financing(),
                        premium,
                        Money.ZERO,
                        option.closing().debtsPaidOff())
                .total();
    }

    /** Whether a month's cost holds mortgage insurance at the start. */
    boolean isInsured() {
        return MonthlyCost.isInsured(option.housing(), option.financing());
    }

    private HousingCost cost(Money payment) {
        int perYear = option.frequency().perYear();
        Money monthly =
                perYear == MONTHS_PER_YEAR ? payment : payment.times(perYear).dividedBy(MONTHS_PER_YEAR);
        Money insurance =
                isInsured() ? option.housing().yearlyMortgageInsurance().monthlyOf(loan()) : Money.ZERO;
        return option.housing().month(option.price(), monthly, insurance);
    }
}
