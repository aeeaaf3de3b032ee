package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.day;
import static app.impendium.core.working.Quantity.exactAmount;
import static app.impendium.core.working.Quantity.number;
import static app.impendium.core.working.Quantity.percent;

import app.impendium.core.loan.Instalment;
import app.impendium.core.loan.LevelPayment;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.RegularPayment;
import app.impendium.core.loan.Schedule;
import app.impendium.core.loan.Stretch;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;

/** Explains the rate, the payment and the totals of a loan. */
public final class LoanWorking {
    private static final MathContext DIGITS = new MathContext(30);

    private final LoanTerms terms;
    private final Schedule schedule;
    private final PaymentDates dates;
    private final PeriodicRate rate;

    /** @param schedule that of the terms */
    public LoanWorking(LoanTerms terms, Schedule schedule, PaymentDates dates) {
        this.terms = terms;
        this.schedule = schedule;
        this.dates = dates;
        this.rate = terms.rate();
    }

    /** The workings in the order in which the figures arise. */
    public List<Working> workings() {
        return List.of(
                periodicRate(),
                effectiveRate(),
                payment(),
                payments(),
                lastPayment(),
                payoffDate(),
                totalInterest(),
                totalPaid());
    }

    /** What is owed after a payment. */
    public Working balanceAfter(Figure figure, int payment) {
        return Working.of(figure, Rule.BALANCE_OF_LINE)
                .given(
                        number(Name.PAYMENT_NUMBER, payment),
                        day(Name.PAYMENT_DATE, dates.of(payment)),
                        amount(Name.LOAN, terms.amount()))
                .gives(amount(Name.BALANCE, schedule.balanceAfter(payment)), Rounding.EACH_LINE);
    }

    private Working periodicRate() {
        int compoundings = rate.compounding().perYear();
        int perYear = rate.frequency().perYear();
        Rule rule = compoundings == perYear ? Rule.RATE_SAME_PERIODS : Rule.RATE_CONVERTED;
        Working.Draft draft = Working.of(Figure.PERIODIC_RATE, rule)
                .given(
                        percent(Name.YEARLY_RATE, rate.annual().percent().value()),
                        number(Name.COMPOUNDINGS_A_YEAR, compoundings),
                        number(Name.PAYMENTS_A_YEAR, perYear));
        if (rule == Rule.RATE_CONVERTED) {
            BigDecimal perCompounding =
                    rate.annual().percent().value().divide(BigDecimal.valueOf(compoundings), DIGITS);
            draft.then(
                    percent(Name.RATE_PER_COMPOUNDING, perCompounding),
                    number(
                            Name.GROWTH_PER_COMPOUNDING,
                            perCompounding.movePointLeft(2).add(BigDecimal.ONE)),
                    number(Name.EXPONENT, BigDecimal.valueOf(compoundings).divide(BigDecimal.valueOf(perYear), DIGITS)),
                    number(Name.GROWTH_PER_PAYMENT, rate.value().add(BigDecimal.ONE)));
        }
        return draft.gives(percent(Name.RATE_PER_PAYMENT, ratePercent()), Rounding.NONE);
    }

    private Working effectiveRate() {
        return Working.of(Figure.EFFECTIVE_RATE, Rule.EFFECTIVE_RATE)
                .given(
                        percent(Name.RATE_PER_PAYMENT, ratePercent()),
                        number(Name.PAYMENTS_A_YEAR, rate.frequency().perYear()))
                .gives(percent(Name.EFFECTIVE_RATE, rate.effectiveYearlyPercent()), Rounding.NONE);
    }

    private Working payment() {
        Quantity result = amount(Name.PAYMENT, schedule.payment());
        if (terms.clauses().regular() instanceof RegularPayment.Chosen) {
            return Working.of(Figure.PAYMENT, Rule.CHOSEN_PAYMENT).gives(result, Rounding.NONE);
        }
        Rounding rounding = Rounding.of(terms.rounding());
        if (rate.frequency().isAccelerated()) {
            int shares = rate.frequency() == PaymentFrequency.ACCELERATED_BIWEEKLY ? 2 : 4;
            Money monthly = LevelPayment.monthlyOf(terms);
            return Working.of(Figure.PAYMENT, Rule.ACCELERATED_PAYMENT)
                    .given(amount(Name.MONTHLY_PAYMENT, monthly), number(Name.SHARES_OF_MONTHLY, shares))
                    .then(exactAmount(
                            Name.EXACT_PAYMENT,
                            BigDecimal.valueOf(monthly.cents()).divide(BigDecimal.valueOf(shares))))
                    .gives(result, rounding);
        }
        Rule rule = rate.isZero() ? Rule.LEVEL_PAYMENT_WITHOUT_INTEREST : Rule.LEVEL_PAYMENT;
        Working.Draft draft = Working.of(Figure.PAYMENT, rule)
                .given(
                        amount(Name.LOAN, terms.amount()),
                        amount(Name.BALANCE_AT_END, terms.clauses().residualBalance()),
                        percent(Name.RATE_PER_PAYMENT, ratePercent()),
                        number(Name.REPAYING_PAYMENTS, terms.repayingPayments()));
        if (!rate.isZero()) {
            draft.then(number(Name.DISCOUNT, BigDecimal.ONE.divide(rate.growth(terms.repayingPayments()), DIGITS)));
        }
        return draft.then(exactAmount(Name.EXACT_PAYMENT, exactPaymentCents())).gives(result, rounding);
    }

    private Working payments() {
        return Working.of(Figure.PAYMENTS, Rule.NUMBER_OF_PAYMENTS)
                .given(number(Name.PAYMENTS_AGREED, terms.payments()))
                .gives(number(Name.PAYMENTS, schedule.payments()), Rounding.NONE);
    }

    private Working lastPayment() {
        Instalment last = schedule.line(schedule.payments());
        return Working.of(Figure.LAST_PAYMENT, Rule.LAST_PAYMENT)
                .given(
                        amount(Name.BALANCE_BEFORE, schedule.balanceAfter(schedule.payments() - 1)),
                        amount(Name.INTEREST_OF_LINE, last.interest()))
                .gives(amount(Name.LAST_PAYMENT, last.payment()), Rounding.NONE);
    }

    private Working payoffDate() {
        return Working.of(Figure.PAYOFF_DATE, Rule.PAYOFF_DATE)
                .given(
                        day(Name.FIRST_PAYMENT_DATE, dates.first()),
                        number(Name.PAYMENTS, schedule.payments()),
                        number(Name.PAYMENTS_A_YEAR, rate.frequency().perYear()))
                .gives(day(Name.PAYOFF_DATE, dates.of(schedule.payments())), Rounding.NONE);
    }

    private Working totalInterest() {
        Stretch whole = schedule.whole();
        Working.Draft draft = Working.of(Figure.TOTAL_INTEREST, Rule.SUM_OF_INTEREST)
                .given(number(Name.PAYMENTS, schedule.payments()));
        if (isPlain()) {
            BigDecimal quick = quickTotalCents().subtract(cents(terms.amount()));
            draft.then(
                    exactAmount(Name.QUICK_TOTAL_INTEREST, quick),
                    exactAmount(Name.DIFFERENCE, cents(whole.interest()).subtract(quick)));
        }
        return draft.gives(amount(Name.TOTAL_INTEREST, whole.interest()), Rounding.EACH_LINE);
    }

    private Working totalPaid() {
        Stretch whole = schedule.whole();
        Working.Draft draft = Working.of(Figure.TOTAL_PAID, Rule.SUM_OF_PAYMENTS)
                .given(
                        amount(Name.LOAN, terms.amount()),
                        amount(Name.TOTAL_INTEREST, whole.interest()),
                        amount(Name.TOTAL_EXTRA, whole.extra()));
        if (isPlain()) {
            draft.then(
                    exactAmount(Name.EXACT_PAYMENT, exactPaymentCents()),
                    exactAmount(Name.QUICK_TOTAL_PAID, quickTotalCents()),
                    exactAmount(Name.DIFFERENCE, cents(whole.paid()).subtract(quickTotalCents())));
        }
        return draft.gives(amount(Name.TOTAL_PAID, whole.paid()), Rounding.EACH_LINE);
    }

    /** Whether the quick figure, payment times number, means this loan: level payments that repay it in full. */
    private boolean isPlain() {
        return terms.isPlain() && !rate.frequency().isAccelerated();
    }

    private BigDecimal quickTotalCents() {
        return exactPaymentCents().multiply(BigDecimal.valueOf(terms.payments()));
    }

    private BigDecimal exactPaymentCents() {
        return LevelPayment.exactCents(
                terms.amount(), terms.clauses().residualBalance(), rate, terms.repayingPayments());
    }

    private BigDecimal ratePercent() {
        return rate.value().movePointRight(2);
    }

    private static BigDecimal cents(Money amount) {
        return BigDecimal.valueOf(amount.cents());
    }
}
