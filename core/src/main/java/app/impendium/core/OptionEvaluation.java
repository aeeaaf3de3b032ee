package app.impendium.core;

import app.impendium.core.compare.MoneyMoved;
import app.impendium.core.cost.CashToClose;
import app.impendium.core.cost.ClosingItem.Kind;
import app.impendium.core.cost.Disclosure;
import app.impendium.core.cost.DisclosureBasis;
import app.impendium.core.cost.FiveYears;
import app.impendium.core.cost.HousingCost;
import app.impendium.core.cost.MonthlyCost;
import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.Schedule;
import app.impendium.core.loan.ScheduleYear;
import app.impendium.core.money.Money;
import java.util.List;
import java.util.Optional;

/** The figures of one option, by parts. The loan is computed at once; every other part when it is first asked for. */
public final class OptionEvaluation {
    private final LoanOption option;
    private final Assumptions assumptions;
    private final LoanFigures loan;
    private final Part<MonthlyCost> monthlyCost = new Part<>(this::computeMonthlyCost);
    private final Part<CashToClose> cashToClose = new Part<>(this::computeCashToClose);
    private final Part<Disclosure> disclosure = new Part<>(this::computeDisclosure);
    private final Part<List<ScheduleYear>> years = new Part<>(this::computeYears);
    private final Part<LoanLife> life = new Part<>(() -> LoanLife.of(this));
    private final Part<Optional<ExtrasSaving>> extrasSaving = new Part<>(this::computeExtrasSaving);
    private final Part<Optional<RegularExtras>> regularExtras = new Part<>(() -> RegularExtras.of(this));
    private final Part<List<FeatureNote>> notes = new Part<>(() -> FeatureNote.of(this));

    /**
     * The evaluation of an option.
     *
     * @throws CaseException if it has no answer, with all findings
     */
    OptionEvaluation(LoanOption option, Assumptions assumptions) {
        this.option = option;
        this.assumptions = assumptions;
        this.loan = LoanFigures.of(option);
    }

    /** What the figures are of. */
    public LoanOption option() {
        return option;
    }

    /** What is taken for granted beyond the option's own terms. */
    public Assumptions assumptions() {
        return assumptions;
    }

    /** The loan: its terms, every payment and when they are due. */
    public LoanFigures loan() {
        return loan;
    }

    /** What the home costs a month, from each change to the next. */
    public MonthlyCost monthlyCost() {
        return monthlyCost.get();
    }

    /** What the client brings to closing. */
    public CashToClose cashToClose() {
        return cashToClose.get();
    }

    /** What regulation asks to be disclosed. */
    public Disclosure disclosure() {
        return disclosure.get();
    }

    /** The payments of each calendar year, added up. */
    public List<ScheduleYear> years() {
        return years.get();
    }

    /** The loan from its first payment to its last. */
    public LoanLife life() {
        return life.get();
    }

    /** What its extra payments save, where it has any. */
    public Optional<ExtrasSaving> extrasSaving() {
        return extrasSaving.get();
    }

    /** What goes out in a month with regular extra payments, where it has any. */
    public Optional<RegularExtras> regularExtras() {
        return regularExtras.get();
    }

    /** What features of the option do instead of what they say. */
    public List<FeatureNote> notes() {
        return notes.get();
    }

    /** What goes out in the first month: what the home costs, and the extras that go with each payment from the first. */
    public Money firstMonth() {
        return regularExtras()
                .filter(extras -> extras.fromPayment() == 1)
                .map(RegularExtras::month)
                .orElse(monthlyCost().first().total());
    }

    /** The money that the option moves while it is kept, with debts that are paid beside it. */
    public MoneyMoved moneyMoved(List<Schedule> debtsBeside) {
        HousingCost month = monthlyCost().first();
        return new MoneyMoved(
                cashToClose().total(),
                loan.terms(),
                loan.schedule(),
                loan.buydown(),
                monthlyCost().insurance(),
                month.total().minus(month.principalAndInterest()).minus(month.mortgageInsurance()),
                debtsBeside);
    }

    private MonthlyCost computeMonthlyCost() {
        return MonthlyCost.of(
                option.housing(),
                option.financing(),
                loan.schedule(),
                loan.insured(),
                option.frequency(),
                loan.buydown());
    }

    private CashToClose computeCashToClose() {
        return CashToClose.of(
                option.closing().costs(),
                loan.amount(),
                option.financing(),
                premiumAtClosing(),
                loan.subsidyOfBuyer(),
                option.closing().debtsPaidOff());
    }

    private Disclosure computeDisclosure() {
        Closing closing = option.closing();
        DisclosureBasis basis = new DisclosureBasis(
                loan.schedule(),
                loan.dates(),
                closing.day(),
                closing.costs().prepaidFinanceCharge(loan.amount()),
                closing.upfrontPremium().on(loan.base()),
                monthlyCost().insurance(),
                loan.paymentsAtRate());
        Money loanCosts = closing.costs().loanCosts(loan.amount()).plus(premiumAtClosing());
        return Disclosure.of(
                basis,
                option.creditCostRate(),
                FiveYears.of(basis, loanCosts),
                closing.costs().paid(Kind.PREPAID_INTEREST, loan.amount()));
    }

    private Optional<ExtrasSaving> computeExtrasSaving() {
        return ExtrasSaving.of(loan);
    }

    private List<ScheduleYear> computeYears() {
        return ScheduleYear.of(loan.schedule(), loan.dates());
    }

    private Money premiumAtClosing() {
        return option.closing().upfrontPremium().paidAtClosing(loan.base());
    }
}
