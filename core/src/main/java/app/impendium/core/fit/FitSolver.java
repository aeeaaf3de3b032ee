package app.impendium.core.fit;

import app.impendium.core.Closing;
import app.impendium.core.LoanOption;
import app.impendium.core.afford.Allowance;
import app.impendium.core.afford.Assessment;
import app.impendium.core.afford.CountedHousehold;
import app.impendium.core.afford.Debt;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.IncomeNeed;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.afford.Measure;
import app.impendium.core.afford.Reading;
import app.impendium.core.loan.RunningDebt;
import app.impendium.core.money.Money;
import app.impendium.core.pricing.RateOffer;
import app.impendium.core.rate.AnnualRate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What would make an option fit within a limit set, each lever with all else kept. Levers answer for the tests that a loan can
 * meet; score and reserves are told by the assessment. Every answer is sharp: with it the loan meets each such test, one step
 * further (a thousandth of a percent, a unit of the currency, a year, a cent) it does not.
 */
public final class FitSolver {
    private final LoanVariants variants;
    private final Household household;
    private final LimitSet set;
    private final Set<String> paidOff;
    private final Allowance allowance;
    private final LoanVariants.Tested tested;
    private final QualifyingLoan loan;
    private final List<DebtChoice.Candidate> candidates;
    private final boolean canDebtsHelp;

    /**
     * @param variants of the option that is asked about
     * @param paidOff the ids of debts that are paid off at closing as it is
     */
    public FitSolver(LoanVariants variants, Household household, LimitSet set, Set<String> paidOff) {
        this.variants = variants;
        this.household = household;
        this.set = set;
        this.paidOff = Set.copyOf(paidOff);
        this.allowance = new Allowance(set, CountedHousehold.of(household, set, paidOff));
        this.tested = variants.testedAt(set.stressed());
        this.loan = tested.asItIs();
        this.candidates = candidates();
        Allowance withoutAny = without(places(candidates));
        this.canDebtsHelp = withoutAny.isMetBy(loan) || withoutAny.isMetBy(after(places(candidates)));
    }

    /** The option as a lender looks at it. */
    public QualifyingLoan loan() {
        return loan;
    }

    /** The limit set. */
    public LimitSet set() {
        return set;
    }

    /** By how much the tested housing cost of a loan is above what the set allows; zero where it is not. */
    public Money over(QualifyingLoan asked) {
        return Money.ofCents(missing(allowance.mostHousing(asked), asked.testedHousing()));
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
        return Arrays.stream(FitLever.values())
                .filter(lever -> lever.appliesTo(variants.option()))
                .map(lever -> new FitSearch(tested.along(lever), allowance).answer())
                .toList();
    }

    /** What one lever of the loan can do; nothing where it has no such lever. */
    public Optional<FitAnswer> lever(FitLever lever) {
        return lever.appliesTo(variants.option())
                ? Optional.of(new FitSearch(tested.along(lever), allowance).answer())
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
        if (!FitLever.LOAN.appliesTo(variants.option())) {
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
        List<DebtChoice.Candidate> byPayment = candidates.stream()
                .sorted(Comparator.comparingLong(DebtChoice.Candidate::payment)
                        .reversed()
                        .thenComparingLong(DebtChoice.Candidate::balance))
                .toList();
        List<DebtsWithRate> pairs = new ArrayList<>();
        for (int count = 1; count <= byPayment.size(); count++) {
            List<DebtChoice.Candidate> taken = byPayment.subList(0, count);
            DebtsAnswer.Found debts = found(taken);
            FitAnswer rate =
                    new FitSearch(along(paying(debts.places()), FitLever.RATE), without(debts.places())).answer();
            pairs.add(new DebtsWithRate(
                    debts, rate instanceof FitAnswer.Found found ? Optional.of(found) : Optional.empty()));
        }
        return pairs;
    }

    private LoanVariants.Along along(LoanVariants others, FitLever lever) {
        return others.testedAt(set.stressed()).along(lever);
    }

    private LoanVariants atRate(RateOffer offer) {
        return new LoanVariants(variants.option().withRate(offer.rate()), household.funds());
    }

    private DebtsAnswer debts(DebtChoice.Order order) {
        if (!canDebtsHelp) {
            return new DebtsAnswer.None();
        }
        // What is paid leaves less in reserve, which can bring other limits into force: the laxest tell what is needed
        // at least.
        AfterDebts all = after(places(candidates));
        long payment = Math.min(over(loan).cents(), missing(allowance.mostHousing(all), loan.testedHousing()));
        long balance =
                Math.min(missing(allowance.mostLoan(loan), loan.loan()), missing(allowance.mostLoan(all), loan.loan()));
        return DebtChoice.best(candidates, payment, balance, this::isMetWithout, order)
                .<DebtsAnswer>map(chosen -> new DebtsAnswer.Found(
                        chosen.places(), Money.ofCents(chosen.payment()), Money.ofCents(chosen.balance())))
                .orElseGet(DebtsAnswer.None::new);
    }

    private boolean isMetWithout(List<Integer> places) {
        return !allowance.isConditional() || without(places).isMetBy(after(places));
    }

    private AfterDebts after(List<Integer> places) {
        Money cash = Money.ZERO;
        for (int place : places) {
            cash = cash.plus(household.debts().get(place).balance());
        }
        return new AfterDebts(loan, cash);
    }

    private static List<Integer> places(List<DebtChoice.Candidate> candidates) {
        return candidates.stream().map(DebtChoice.Candidate::place).toList();
    }

    /** The option with debts paid off in cash. */
    private LoanVariants paying(List<Integer> places) {
        Closing closing = variants.option().closing();
        List<RunningDebt> paid = new ArrayList<>(closing.debtsPaidOff());
        for (int place : places) {
            Debt debt = household.debts().get(place);
            paid.add(new RunningDebt(debt.id(), debt.balance(), Optional.empty(), AnnualRate.ofPercent("0")));
        }
        LoanOption option = variants.option().withClosing(closing.payingOff(paid));
        return new LoanVariants(option, household.funds());
    }

    private static long missing(Optional<Money> allowed, Money used) {
        return allowed.map(most -> Math.max(0, used.minus(most).cents())).orElse(0L);
    }

    private List<DebtChoice.Candidate> candidates() {
        List<DebtChoice.Candidate> candidates = new ArrayList<>();
        for (int i = 0; i < household.debts().size(); i++) {
            Debt debt = household.debts().get(i);
            boolean canBePaidOff = debt.counts() && debt.balance().isAbove(Money.ZERO) && !paidOff.contains(debt.id());
            if (canBePaidOff) {
                long monthly = counted().debts().get(i).monthly().cents();
                candidates.add(
                        new DebtChoice.Candidate(i, monthly, debt.balance().cents()));
            }
        }
        return candidates;
    }

    private Allowance without(List<Integer> places) {
        Set<String> gone = new HashSet<>(paidOff);
        places.forEach(place -> gone.add(household.debts().get(place).id()));
        return new Allowance(set, counted().with(set.debtRule(), gone));
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
