package app.impendium.server.evaluation;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Findings;
import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.LoanClauses;
import app.impendium.core.loan.RateChange;
import app.impendium.core.loan.RegularPayment;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads what an option of a case document says beyond amount, rate and term. */
final class ClausesReader {
    /** Later than any payment can be: an extra payment without an end goes on to the loan's. */
    private static final int NO_END = Integer.MAX_VALUE;

    private final OptionDocument document;
    private final Findings findings = new Findings();

    private ClausesReader(OptionDocument document) {
        this.document = document;
    }

    /**
     * @throws CaseException with every finding, its fields named as in the document
     */
    static LoanClauses read(OptionDocument document) {
        return new ClausesReader(document).clauses();
    }

    private LoanClauses clauses() {
        Optional<RegularPayment> regular = findings.field("chosenPaymentCents", this::regularPayment);
        List<ExtraPayment> extras = extras();
        List<RateChange> rateChanges = rateChanges();
        findings.throwIfAny();
        return new LoanClauses(
                document.interestOnlyPayments() == null ? 0 : document.interestOnlyPayments(),
                Money.ofCents(document.residualCents() == null ? 0 : document.residualCents()),
                regular.orElseThrow(),
                extras,
                document.extraEffect() == null ? ExtraEffect.END_EARLY : document.extraEffect(),
                rateChanges);
    }

    private RegularPayment regularPayment() {
        return document.chosenPaymentCents() == null
                ? new RegularPayment.Level()
                : new RegularPayment.Chosen(Money.ofCents(document.chosenPaymentCents()));
    }

    private List<ExtraPayment> extras() {
        List<ExtraPayment> extras = new ArrayList<>();
        List<ExtraDocument> given = document.extras();
        for (int i = 0; i < given.size(); i++) {
            ExtraDocument extra = given.get(i);
            String path = "extras[" + i + "]";
            boolean complete = CaseReader.required(path, extra, findings)
                    && CaseReader.required(path + ".how", extra.how(), findings)
                    && CaseReader.required(path + ".cents", extra.cents(), findings)
                    && CaseReader.required(path + ".firstPayment", extra.firstPayment(), findings)
                    && CaseReader.required("frequency", document.frequency(), findings);
            if (complete) {
                findings.field(path, () -> extra(extra)).ifPresent(extras::add);
            }
        }
        return extras;
    }

    private ExtraPayment extra(ExtraDocument extra) {
        Money amount = Money.ofCents(extra.cents());
        int first = extra.firstPayment();
        int last = extra.lastPayment() == null ? NO_END : extra.lastPayment();
        return switch (extra.how()) {
            case ONCE -> new ExtraPayment.Lump(amount, first);
            case EACH_PAYMENT -> new ExtraPayment.Regular(amount, first, last);
            case EACH_YEAR ->
                new ExtraPayment.Yearly(
                        amount, first, last, document.frequency().perYear());
        };
    }

    private List<RateChange> rateChanges() {
        List<RateChange> changes = new ArrayList<>();
        List<RateChangeDocument> given = document.rateChanges();
        for (int i = 0; i < given.size(); i++) {
            RateChangeDocument change = given.get(i);
            String path = "rateChanges[" + i + "]";
            boolean complete = CaseReader.required(path, change, findings)
                    && CaseReader.required(path + ".fromPayment", change.fromPayment(), findings)
                    && CaseReader.required(path + ".ratePercent", change.ratePercent(), findings);
            if (complete) {
                findings.field(path + ".ratePercent", () -> AnnualRate.ofPercent(change.ratePercent()))
                        .ifPresent(rate -> changes.add(new RateChange(change.fromPayment(), rate)));
            }
        }
        return changes;
    }
}
