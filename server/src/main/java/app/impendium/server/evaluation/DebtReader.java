package app.impendium.server.evaluation;

import app.impendium.core.afford.Debt;
import app.impendium.core.afford.Household;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Findings;
import app.impendium.core.loan.RunningDebt;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.server.document.Convention.DebtKind;
import app.impendium.server.document.DebtDocument;
import app.impendium.server.document.OptionDocument;
import app.impendium.server.document.RefinancingDocument;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Reads the debts of a case, and those that its options pay off. */
public final class DebtReader {
    private static final int MOST_NAME_CHARACTERS = 60;

    private DebtReader() {}

    /** The debts that an option pays off, by their ids. What is wrong with any debt is added to the findings. */
    static PayableDebts payable(List<DebtDocument> given, List<OptionDocument> options, Findings findings) {
        Map<String, RunningDebt> debts = new HashMap<>();
        if (!findings.inRange(Field.DEBTS, given.size(), 0, Household.MOST_LINES)) {
            return new PayableDebts(debts);
        }
        Needed.ids(Field.DEBTS, given, findings);
        Set<String> named = named(options);
        for (int i = 0; i < given.size(); i++) {
            DebtDocument debt = given.get(i);
            if (debt == null) {
                continue;
            }
            String path = Field.entry(Field.DEBTS, i);
            boolean hasMeaning = findings.group(path, () -> {
                        checkFigures(debt);
                        return debt;
                    })
                    .isPresent();
            if (hasMeaning && named.contains(debt.id())) {
                findings.group(path, () -> running(debt)).ifPresent(running -> debts.put(debt.id(), running));
            }
        }
        return new PayableDebts(debts);
    }

    /**
     * A debt by itself.
     *
     * @throws CaseException if it has no meaning, with every finding
     */
    public static void check(DebtDocument debt) {
        Findings findings = new Findings();
        boolean isSomething = debt.paymentCents() != null || debt.balanceCents() != null;
        Needed.isThere(Entry.PAYMENT, isSomething ? debt : null, findings);
        findings.group("", () -> {
            checkFigures(debt);
            return debt;
        });
        findings.throwIfAny();
    }

    /** A debt of a case may have been begun alone: of what nothing is known yet, nothing counts. */
    private static void checkFigures(DebtDocument debt) {
        Findings findings = new Findings();
        Needed.text("name", debt.name(), 0, MOST_NAME_CHARACTERS, findings);
        findings.group("", () -> counted(debt));
        findings.throwIfAny();
    }

    /** A debt as a lender counts it. */
    static Debt counted(DebtDocument debt) {
        return new Debt(
                debt.id(),
                Optional.ofNullable(debt.paymentCents()).map(Money::ofCents),
                Needed.money(debt.balanceCents()),
                Optional.ofNullable(debt.paymentsLeft()),
                kind(debt.kind()));
    }

    private static Debt.Kind kind(DebtKind given) {
        return given == DebtKind.BILL ? Debt.Kind.BILL : given == DebtKind.LEASE ? Debt.Kind.LASTING : Debt.Kind.ENDING;
    }

    private static RunningDebt running(DebtDocument debt) {
        Findings findings = new Findings();
        BigDecimal percent = debt.ratePercent() == null ? BigDecimal.ZERO : debt.ratePercent();
        Optional<AnnualRate> rate = findings.field(Entry.RATE, () -> AnnualRate.ofPercent(percent));
        Needed.isThere(Entry.BALANCE, debt.balanceCents(), findings);
        findings.throwIfAny();
        return new RunningDebt(
                debt.id(),
                Money.ofCents(debt.balanceCents()),
                Optional.ofNullable(debt.paymentCents()).map(Money::ofCents),
                rate.orElseThrow());
    }

    private static Set<String> named(List<OptionDocument> options) {
        Set<String> named = new HashSet<>();
        for (OptionDocument option : options) {
            if (option == null) {
                continue;
            }
            named.addAll(option.closing().debtsPaidOff());
            if (option.financing() instanceof RefinancingDocument refinancing) {
                named.addAll(refinancing.debtsPaidOff());
            }
        }
        return named;
    }
}
