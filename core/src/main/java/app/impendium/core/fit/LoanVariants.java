package app.impendium.core.fit;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.afford.DebtRule;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.afford.StressedRate;
import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.RunningDebt;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.PeriodicRate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * An option that is asked for, and the loans that its levers lead to, each looked at once however many limit sets ask about
 * it. For use by one thread.
 */
public final class LoanVariants {
    private final LoanOption option;
    private final Household household;

    /** What levers are applied to: a payment that was chosen for one loan says nothing of another. */
    private final LoanOption level;

    private final boolean needsFigures;
    private final List<FitLever> levers;
    private final Map<StressedRate, Tested> byStress = new HashMap<>();
    private final Map<Counting, Borrowers> byCounting = new HashMap<>();

    /** How a limit set counts those who borrow: sets that count alike share what follows from it. */
    private record Counting(DebtRule debts, Percent rentCounted) {}

    /**
     * @param asked an option that has figures
     * @param household those who ask for it
     */
    public LoanVariants(OptionEvaluation asked, Household household) {
        this.option = asked.option();
        this.household = household;
        this.level = option.atLevelPayment();
        this.needsFigures = !option.isPlain();
        this.levers = Arrays.stream(FitLever.values())
                .filter(lever -> lever.appliesTo(option))
                .toList();
    }

    /**
     * Another option of the same people.
     *
     * @throws CaseException if it has no figures
     */
    LoanVariants with(LoanOption other) {
        return new LoanVariants(CaseEvaluator.evaluate(other), household);
    }

    /** What can be changed in the option. */
    List<FitLever> levers() {
        return levers;
    }

    /** Those who borrow, as a limit set counts them. */
    Borrowers borrowers(LimitSet set) {
        return byCounting.computeIfAbsent(new Counting(set.debtRule(), set.rentCounted()), asked -> {
            Set<String> paidOff =
                    option.debtsPaidOff().stream().map(RunningDebt::id).collect(Collectors.toSet());
            return new Borrowers(household, set, paidOff);
        });
    }

    /** The option that the levers start from. */
    public LoanOption option() {
        return option;
    }

    /** The option and its variants, tested at a stressed rate. */
    Tested testedAt(StressedRate stressed) {
        return byStress.computeIfAbsent(stressed, Tested::new);
    }

    /** The variants at one stressed rate. */
    final class Tested {
        private final StressedRate stressed;
        private final PeriodicRate ownRate;
        private final QualifyingLoan asItIs;
        private final CostEstimate estimate;
        private final Map<FitLever, Along> byLever = new EnumMap<>(FitLever.class);

        private Tested(StressedRate stressed) {
            this.stressed = stressed;
            this.estimate = new CostEstimate(option, stressed);
            this.ownRate = stressed.of(option.rate());
            this.asItIs = new QualifyingLoan(option, ownRate, household.funds());
        }

        /** What the variants cost about, for searches to begin with. */
        CostEstimate estimate() {
            return estimate;
        }

        QualifyingLoan asItIs() {
            return asItIs;
        }

        /** The loans that one lever leads to. */
        Along along(FitLever lever) {
            return byLever.computeIfAbsent(lever, asked -> new Along(this, asked));
        }

        private Optional<QualifyingLoan> loan(FitLever lever, long step) {
            try {
                LoanOption applied = lever.applied(level, step);
                if (needsFigures) {
                    CaseEvaluator.evaluate(applied);
                }
                QualifyingLoan loan = new QualifyingLoan(applied, rate(applied), household.funds());
                loan.testedHousing();
                return Optional.of(loan);
            } catch (CaseException noSuchLoan) {
                return Optional.empty();
            }
        }

        private PeriodicRate rate(LoanOption applied) {
            // Most levers leave the rate as it is.
            return applied.rate() == option.rate() ? ownRate : stressed.of(applied.rate());
        }
    }

    /** The loans that one lever leads to at one stressed rate. */
    final class Along {
        private final Tested tested;
        private final FitLever lever;
        private final long own;
        private final long least;
        private final Map<CostAlong.Followed, CostAlong> costs = new EnumMap<>(CostAlong.Followed.class);

        private Along(Tested tested, FitLever lever) {
            this.tested = tested;
            this.lever = lever;
            this.own = lever.own(option);
            this.least = lever.least(option);
        }

        Tested tested() {
            return tested;
        }

        FitLever lever() {
            return lever;
        }

        /** The step at or just below which the option stands. */
        long own() {
            return own;
        }

        /** The smallest step that is asked about. */
        long least() {
            return least;
        }

        /** The largest step that is asked about, where a loan may run at most so many years. */
        long most(int longestTermYears) {
            return Math.max(least, lever.most(option, longestTermYears));
        }

        /** What the estimate says along the lever. */
        CostAlong cost(CostAlong.Followed followed) {
            return costs.computeIfAbsent(followed, asked -> new CostAlong(tested.estimate, lever, asked, own));
        }

        /** Whether every step has a loan: what is agreed beyond amount, rate and term may leave some without figures. */
        boolean haveFigures() {
            return !needsFigures;
        }

        /** The loan with the lever at a step; nothing where there is no such loan. */
        Optional<QualifyingLoan> at(long step) {
            return tested.loan(lever, step);
        }
    }
}
