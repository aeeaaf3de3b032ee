package app.impendium.core.fit;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.afford.Funds;
import app.impendium.core.afford.StressedRate;
import app.impendium.core.finding.CaseException;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * An option and the loans that its levers lead to, each looked at once however many limit sets ask about it. For use by one
 * thread.
 */
public final class LoanVariants {
    private final LoanOption option;
    private final Funds funds;

    /** What levers are applied to: a payment that was chosen for one loan says nothing of another. */
    private final LoanOption level;

    private final boolean needsFigures;

    private final Map<StressedRate, Tested> byStress = new HashMap<>();

    /**
     * @throws CaseException if the option has no figures
     */
    public LoanVariants(LoanOption option, Funds funds) {
        this.option = option;
        this.funds = funds;
        this.level = option.atLevelPayment();
        this.needsFigures = !option.isPlain();
        CaseEvaluator.evaluate(option);
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
        private final QualifyingLoan asItIs;
        private final CostEstimate estimate;
        private final Map<FitLever, Along> byLever = new EnumMap<>(FitLever.class);

        private Tested(StressedRate stressed) {
            this.stressed = stressed;
            this.estimate = new CostEstimate(option, stressed);
            this.asItIs = new QualifyingLoan(option, stressed, funds);
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
                QualifyingLoan loan = new QualifyingLoan(applied, stressed, funds);
                loan.testedHousing();
                return Optional.of(loan);
            } catch (CaseException noSuchLoan) {
                return Optional.empty();
            }
        }
    }

    /** The loans that one lever leads to at one stressed rate. */
    final class Along {
        private final Tested tested;
        private final FitLever lever;
        private final long own;
        private final long least;
        private final Map<Long, Optional<QualifyingLoan>> byStep = new HashMap<>();

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

        /** The loan with the lever at a step; nothing where there is no such loan. */
        Optional<QualifyingLoan> at(long step) {
            Optional<QualifyingLoan> known = byStep.get(step);
            if (known == null) {
                known = tested.loan(lever, step);
                byStep.put(step, known);
            }
            return known;
        }
    }
}
