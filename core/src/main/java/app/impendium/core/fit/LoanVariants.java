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

    /** Whether an option may have a payment and yet no figures: what is agreed beside a plain loan must fit it. */
    private final boolean needsFigures;

    private final Map<StressedRate, Tested> byStress = new HashMap<>();

    /**
     * @throws CaseException if the option has no figures
     */
    public LoanVariants(LoanOption option, Funds funds) {
        this.option = option;
        this.funds = funds;
        this.needsFigures = option.closing().buydown().isPresent()
                || option.rateTerm().isPresent()
                || !option.loanTerms().isPlain();
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
        private final Map<FitLever, Map<Long, Optional<QualifyingLoan>>> byLever = new EnumMap<>(FitLever.class);

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

        /** The loan with a lever at a step; nothing where there is no such loan. */
        Optional<QualifyingLoan> at(FitLever lever, long step) {
            return byLever.computeIfAbsent(lever, none -> new HashMap<>())
                    .computeIfAbsent(step, asked -> loan(lever, asked));
        }

        private Optional<QualifyingLoan> loan(FitLever lever, long step) {
            try {
                // A payment that was chosen for one loan says nothing of another.
                LoanOption applied = lever.applied(option.atLevelPayment(), step);
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
}
