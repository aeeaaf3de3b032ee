package app.impendium.server.evaluation;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Value;
import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.PaymentStep;
import app.impendium.core.loan.RateChange;
import app.impendium.core.loan.RegularPayment;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PeriodicRate;
import app.impendium.server.document.Entry;
import app.impendium.server.document.ExtraDocument;
import app.impendium.server.document.FeaturesDocument;
import app.impendium.server.document.OptionDocument;
import app.impendium.server.document.PaymentStepDocument;
import app.impendium.server.document.RateChangeDocument;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;

/** Reads what an option of a case document says beyond amount, rate and term. */
final class FeaturesReader {
    /** Later than any payment can be: an extra payment without an end goes on to the loan's. */
    private static final int NO_END = Integer.MAX_VALUE;

    private final FeaturesDocument given;
    private final Optional<LocalDate> closing;
    private final Optional<PaymentDates> dates;
    private final Optional<PeriodicRate> rate;
    private final Findings findings = new Findings();

    private FeaturesReader(OptionDocument document, Optional<PaymentDates> dates, Optional<PeriodicRate> rate) {
        this.given = document.features();
        this.closing = Optional.ofNullable(document.closing().day());
        this.dates = dates;
        this.rate = rate;
    }

    /**
     * @param dates when the payments fall due, where that can be told
     * @param rate the loan's own, whose conventions later rates keep, where it can be told
     * @throws CaseException with every finding
     */
    static LoanFeatures read(OptionDocument document, Optional<PaymentDates> dates, Optional<PeriodicRate> rate) {
        return new FeaturesReader(document, dates, rate).features();
    }

    private LoanFeatures features() {
        Optional<RegularPayment> regular = findings.group("", this::regularPayment);
        List<PaymentStep> steps = read(Field.PAYMENT_STEPS, given.paymentSteps(), this::step);
        List<ExtraPayment> extras = read(Field.EXTRAS, given.extras(), this::extra);
        List<RateChange> rateChanges = read(Field.RATE_CHANGES, given.rateChanges(), this::rateChange);
        findings.throwIfAny();
        return new LoanFeatures(
                given.interestOnlyPayments() == null ? 0 : given.interestOnlyPayments(),
                Needed.money(given.balloonCents()),
                regular.orElseThrow(),
                steps,
                extras,
                given.extraEffect() == null
                        ? ExtraEffect.END_EARLY
                        : CoreNames.of(ExtraEffect.class, given.extraEffect()),
                rateChanges);
    }

    private RegularPayment regularPayment() {
        return given.paymentCents() == null
                ? new RegularPayment.Level()
                : new RegularPayment.Custom(Money.ofCents(given.paymentCents()));
    }

    /** The entries of a list that have a meaning; findings for the others. */
    private <D extends Entry, T> List<T> read(String list, List<D> entries, BiFunction<String, D, Optional<T>> read) {
        Needed.ids(list, entries, findings);
        List<T> all = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            if (entries.get(i) != null) {
                read.apply(Field.entry(list, i), entries.get(i)).ifPresent(all::add);
            }
        }
        return all;
    }

    private Optional<ExtraPayment> extra(String path, ExtraDocument extra) {
        boolean complete = Needed.isThere(path + ".how", extra.how(), findings)
                & Needed.isThere(path + ".cents", extra.cents(), findings)
                & isTimed(path, "firstPayment", "firstDay", extra.firstPayment(), extra.firstDay());
        return complete && dates.isPresent() ? findings.group(path, () -> extra(extra)) : Optional.empty();
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
                        amount, first, last, dates.orElseThrow().frequency().perYear());
        };
    }

    private int last(ExtraDocument extra) {
        if (extra.lastDay() != null) {
            return dates.orElseThrow().lastOnOrBefore(extra.lastDay());
        }
        return extra.lastPayment() == null ? NO_END : extra.lastPayment();
    }

    private Optional<PaymentStep> step(String path, PaymentStepDocument step) {
        boolean complete = Needed.isThere(path + ".cents", step.cents(), findings)
                & isTimed(path, "fromPayment", "fromDay", step.fromPayment(), step.fromDay());
        return complete
                ? findings.group(
                        path,
                        () -> new PaymentStep(payment(step.fromPayment(), step.fromDay()), Money.ofCents(step.cents())))
                : Optional.empty();
    }

    private Optional<RateChange> rateChange(String path, RateChangeDocument change) {
        boolean complete = Needed.isThere(path + ".ratePercent", change.ratePercent(), findings)
                & isTimed(path, "fromPayment", "fromDay", change.fromPayment(), change.fromDay());
        return complete
                ? findings.field(path + ".ratePercent", () -> AnnualRate.ofPercent(change.ratePercent()))
                        .flatMap(annual -> rate.map(own -> new RateChange(
                                payment(change.fromPayment(), change.fromDay()), own.withAnnual(annual))))
                : Optional.empty();
    }

    /** The payment given, or the first due on the day given or after it. */
    private int payment(Integer number, LocalDate day) {
        return day == null ? number : dates.orElseThrow().firstOnOrAfter(day);
    }

    /** Whether a payment or a day is given, but not both, and a day can be told from the others. */
    private boolean isTimed(String path, String byNumber, String byDay, Integer number, LocalDate day) {
        if (number != null && day != null) {
            findings.add(Finding.of(path + "." + byDay, Code.NOT_BOTH, new Value.Day(day)));
            return false;
        }
        return day == null
                ? Needed.isThere(path + "." + byNumber, number, findings)
                : isAfterClosing(path + "." + byDay, day);
    }

    /** Whether the loan is paid out by a day: by the closing, or, where that is not said, as early as it can be. */
    private boolean isAfterClosing(String path, LocalDate day) {
        Code code = closing.isPresent() ? Code.BEFORE_CLOSING : Code.BEFORE_LOAN;
        Optional<LocalDate> earliest = closing.or(() -> dates.map(PaymentDates::earliestClosing));
        if (earliest.filter(day::isBefore).isPresent()) {
            findings.add(Finding.of(path, code, new Value.Day(day), new Value.Day(earliest.orElseThrow())));
            return false;
        }
        return dates.isPresent();
    }
}
