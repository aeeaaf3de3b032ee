package app.impendium.server.evaluation;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.LoanClauses;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.RateChange;
import app.impendium.core.loan.RegularPayment;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads what an option of a case document says beyond amount, rate and term. */
final class ClausesReader {
    /** Later than any payment can be: an extra payment without an end goes on to the loan's. */
    private static final int NO_END = Integer.MAX_VALUE;

    private final OptionDocument document;
    private final Optional<PaymentDates> dates;
    private final Findings findings = new Findings();

    private ClausesReader(OptionDocument document, Optional<PaymentDates> dates) {
        this.document = document;
        this.dates = dates;
    }

    /**
     * @param dates when the payments fall due, where that can be told
     * @throws CaseException with every finding, its fields named as in the document
     */
    static LoanClauses read(OptionDocument document, Optional<PaymentDates> dates) {
        return new ClausesReader(document, dates).clauses();
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
                    && timed(path, "firstPayment", "firstDay", extra.firstPayment(), extra.firstDay())
                    && document.frequency() != null;
            if (complete) {
                findings.field(path, () -> extra(extra)).ifPresent(extras::add);
            }
        }
        return extras;
    }

    private ExtraPayment extra(ExtraDocument extra) {
        Money amount = Money.ofCents(extra.cents());
        int first = payment(extra.firstPayment(), extra.firstDay());
        int last = last(extra);
        return switch (extra.how()) {
            case ONCE -> new ExtraPayment.Lump(amount, first);
            case EACH_PAYMENT -> new ExtraPayment.Regular(amount, first, last);
            case EACH_YEAR ->
                new ExtraPayment.Yearly(
                        amount, first, last, document.frequency().perYear());
        };
    }

    private int last(ExtraDocument extra) {
        if (extra.lastDay() != null) {
            return dates.orElseThrow().lastOnOrBefore(extra.lastDay());
        }
        return extra.lastPayment() == null ? NO_END : extra.lastPayment();
    }

    /** The payment given, or the first due on the day given or after it. */
    private int payment(Integer number, LocalDate day) {
        return day == null ? number : dates.orElseThrow().firstOnOrAfter(day);
    }

    /** Whether a payment or a day is given, but not both, and a day can be told from the others. */
    private boolean timed(String path, String byNumber, String byDay, Integer number, LocalDate day) {
        if (number != null && day != null) {
            findings.add(new Finding(
                    path + "." + byDay,
                    day.toString(),
                    "nothing beside a payment",
                    "Either a payment or a day can be given here, not both."));
            return false;
        }
        return day == null ? CaseReader.required(path + "." + byNumber, number, findings) : canTell(path, byDay, day);
    }

    private boolean canTell(String path, String field, LocalDate day) {
        Optional<LocalDate> closing = Optional.ofNullable(document.closing()).map(ClosingDocument::day);
        if (closing.filter(day::isBefore).isPresent()) {
            findings.add(new Finding(
                    path + "." + field,
                    day.toString(),
                    closing.get() + " or later",
                    "The " + day + " comes before the closing on " + closing.get() + "."));
            return false;
        }
        return dates.isPresent();
    }

    private List<RateChange> rateChanges() {
        List<RateChange> changes = new ArrayList<>();
        List<RateChangeDocument> given = document.rateChanges();
        for (int i = 0; i < given.size(); i++) {
            RateChangeDocument change = given.get(i);
            String path = "rateChanges[" + i + "]";
            boolean complete = CaseReader.required(path, change, findings)
                    && timed(path, "fromPayment", "fromDay", change.fromPayment(), change.fromDay())
                    && CaseReader.required(path + ".ratePercent", change.ratePercent(), findings);
            if (complete) {
                findings.field(path + ".ratePercent", () -> AnnualRate.ofPercent(change.ratePercent()))
                        .ifPresent(rate ->
                                changes.add(new RateChange(payment(change.fromPayment(), change.fromDay()), rate)));
            }
        }
        return changes;
    }
}
