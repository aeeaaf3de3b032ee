package app.impendium.core.fit;

import app.impendium.core.Closing;
import app.impendium.core.afford.Allowance;
import app.impendium.core.afford.Allowance.Room;
import app.impendium.core.afford.Assessment;
import app.impendium.core.afford.CountedHousehold;
import app.impendium.core.afford.Debt;
import app.impendium.core.afford.IncomeNeed;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.afford.Measure;
import app.impendium.core.afford.Reading;
import app.impendium.core.loan.RunningDebt;
import app.impendium.core.money.Money;
import app.impendium.core.pricing.RateOffer;
import app.impendium.core.rate.AnnualRate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What would make an option fit within a limit set, each lever with all else kept. Levers answer for the tests that a loan can
 * meet; score and reserves are told by the assessment. Every answer is sharp: with it the loan meets each such test, one step
 * further (a thousandth of a percent, a unit of the currency, a year, a cent) it does not.
 */
public final class FitSolver {
    private final LoanVariants variants;
    private final LimitSet set;
    private final Borrowers borrowers;
    private final Allowance allowance;
    private final LoanVariants.Tested tested;
    private final QualifyingLoan loan;

    /**
     * @param variants of the option that is asked about
     */
    public FitSolver(LoanVariants variants, LimitSet set) {
        this.variants = variants;
        this.set = set;
        this.borrowers = variants.borrowers(set);
        this.allowance = new Allowance(set, borrowers.counted());
        this.tested = variants.testedAt(set.stressed());
        this.loan = tested.asItIs();
    }

    /** The option as a lender looks at it. */
    public QualifyingLoan loan() {
        return loan;
    }

    /** What the set allows. */
    Allowance allowance() {
        return allowance;
    }

    /** The limit set. */
    public LimitSet set() {
        return set;
    }

    /** By how much the tested housing cost of a loan is above what the set allows; zero where it is not. */
    public Money over(QualifyingLoan asked) {
        return Money.ofCents(missing(allowance.room(asked).housing(), asked.testedHousing()));
    }

    /** The household as the set counts it. */
    public CountedHousehold counted() {
        return allowance.counted();
    }

    /** What the set says of the option as it is. */
    public Assessment assessment() {
        return Assessment.of(allowance, loan);
    }

    /** What each lever of the loan can do. */
    public List<FitAnswer> levers() {
        List<FitAnswer> answers = new ArrayList<>();
        for (FitLever lever : variants.levers()) {
            answers.add(answer(lever));
        }
        return answers;
    }

    /** What one lever of the loan can do; nothing where it has no such lever. */
    public Optional<FitAnswer> lever(FitLever lever) {
        return variants.levers().contains(lever) ? Optional.of(answer(lever)) : Optional.empty();
    }

    /** The best that one lever of the loan can do up to a step. */
    Optional<FitAnswer> lever(FitLever lever, long upTo) {
        return variants.levers().contains(lever)
                ? Optional.of(new FitSearch(tested.along(lever), allowance, upTo).answer())
                : Optional.empty();
    }

    /** The fewest debts to pay off; of as many, those that take the least cash. */
    public DebtsAnswer fewestDebts() {
        return debts(DebtChoice.Order.FEWEST);
    }

    /** The debts to pay off that take the least cash; for as much, the fewest. */
    public DebtsAnswer cheapestDebts() {
        return debts(DebtChoice.Order.LEAST_CASH);
    }

    /** The income that is missing a month, to the cent; none where no income would do. */
    public Optional<Money> missingIncome() {
        return IncomeNeed.missing(allowance, loan);
    }

    /** The money that is missing for the reserves that the set asks for. */
    public Money missingReserves() {
        return assessment().readings().stream()
                .filter(reading -> reading.test().measure() == Measure.RESERVES)
                .filter(Reading.Measured.class::isInstance)
                .map(reading -> Money.ofCents(Math.max(0, -((Reading.Measured) reading).spare())))
                .max(Comparator.naturalOrder())
                .orElse(Money.ZERO);
    }

    /**
     * A rate on offer and the largest loan at it.
     *
     * @param loan none where none fits
     */
    public record RateWithLoan(RateOffer offer, Optional<Money> loan) {}

    /** For each rate on offer, the largest loan. */
    public List<RateWithLoan> loansByRate(List<RateOffer> offers) {
        if (!variants.levers().contains(FitLever.LOAN)) {
            return List.of();
        }
        return offers.stream()
                .map(offer -> new RateWithLoan(
                        offer,
                        new FitSearch(along(atRate(offer), FitLever.LOAN), allowance).answer()
                                        instanceof FitAnswer.Found found
                                ? Optional.of(found.loan().base())
                                : Optional.empty()))
                .toList();
    }

    /**
     * Debts to pay off and the highest rate without them.
     *
     * @param rate none where none fits
     */
    public record DebtsWithRate(DebtsAnswer.Found debts, Optional<FitAnswer.Found> rate) {}

    /** For each number of debts from one on, those that take most off the month for it, and the highest rate without them. */
    public List<DebtsWithRate> ratesByDebts() {
        List<DebtChoice.Candidate> byPayment = borrowers.candidates().stream()
                .sorted(Comparator.comparingLong(DebtChoice.Candidate::payment)
                        .reversed()
                        .thenComparingLong(DebtChoice.Candidate::balance))
                .toList();
        List<DebtsWithRate> pairs = new ArrayList<>();
        for (int count = 1; count <= byPayment.size(); count++) {
            List<DebtChoice.Candidate> taken = byPayment.subList(0, count);
            DebtsAnswer.Found debts = found(taken);
            Allowance without = new Allowance(set, borrowers.without(debts.places()));
            FitAnswer rate = new FitSearch(along(paying(debts.places()), FitLever.RATE), without).answer();
            pairs.add(new DebtsWithRate(
                    debts, rate instanceof FitAnswer.Found found ? Optional.of(found) : Optional.empty()));
        }
        return pairs;
    }

    private FitAnswer answer(FitLever lever) {
        return new FitSearch(tested.along(lever), allowance).answer();
    }

    private LoanVariants.Along along(LoanVariants others, FitLever lever) {
        return others.testedAt(set.stressed()).along(lever);
    }

    private LoanVariants atRate(RateOffer offer) {
        return variants.with(variants.option().withRate(offer.rate()));
    }

    private DebtsAnswer debts(DebtChoice.Order order) {
        AfterDebts withoutAny = after(borrowers.places());
        if (!allowance.isMetBy(loan) && !isMetBy(withoutAny)) {
            return new DebtsAnswer.None();
        }
        // What is paid leaves less in reserve, which can bring other limits into force: the laxest tell what is needed
        // at least.
        Room now = allowance.room(loan);
        Room then = allowance.room(withoutAny);
        long payment =
                Math.min(missing(now.housing(), loan.testedHousing()), missing(then.housing(), loan.testedHousing()));
        long balance = Math.min(missing(now.loan(), loan.loan()), missing(then.loan(), loan.loan()));
        return DebtChoice.best(borrowers.candidates(), payment, balance, this::isMetWithout, order)
                .<DebtsAnswer>map(chosen -> new DebtsAnswer.Found(
                        chosen.places(), Money.ofCents(chosen.payment()), Money.ofCents(chosen.balance())))
                .orElseGet(DebtsAnswer.None::new);
    }

    /** Whether the loan fits without any debt that can be paid off, with their cash or without it. */
    private boolean isMetBy(AfterDebts withoutAny) {
        Allowance lax = new Allowance(set, borrowers.withoutAny());
        return lax.isMetBy(loan) || lax.isMetBy(withoutAny);
    }

    private boolean isMetWithout(List<Integer> places) {
        return !allowance.isConditional() || new Allowance(set, borrowers.without(places)).isMetBy(after(places));
    }

    private AfterDebts after(List<Integer> places) {
        return new AfterDebts(loan, borrowers.cash(places));
    }

    /** The option with debts paid off in cash. */
    private LoanVariants paying(List<Integer> places) {
        Closing closing = variants.option().closing();
        List<RunningDebt> paid = new ArrayList<>(closing.debtsPaidOff());
        for (int place : places) {
            Debt debt = borrowers.debt(place);
            paid.add(new RunningDebt(debt.id(), debt.balance(), Optional.empty(), AnnualRate.ofPercent("0")));
        }
        return variants.with(variants.option().withClosing(closing.payingOff(paid)));
    }

    private static long missing(Optional<Money> allowed, Money used) {
        return allowed.map(most -> Math.max(0, used.minus(most).cents())).orElse(0L);
    }

    private static DebtsAnswer.Found found(List<DebtChoice.Candidate> taken) {
        return new DebtsAnswer.Found(
                taken.stream().map(DebtChoice.Candidate::place).sorted().toList(),
                Money.ofCents(
                        taken.stream().mapToLong(DebtChoice.Candidate::payment).sum()),
                Money.ofCents(
                        taken.stream().mapToLong(DebtChoice.Candidate::balance).sum()));
    }
}
