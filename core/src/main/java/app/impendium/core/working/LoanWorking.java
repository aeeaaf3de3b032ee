package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.number;
import static app.impendium.core.working.Quantity.percent;

import app.impendium.core.loan.Instalment;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentBasis;
import app.impendium.core.loan.RegularPayment;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;

/** Explains the rate, the payment and the totals of a loan. */
public final class LoanWorking {
    private static final MathContext DIGITS = new MathContext(30);

    private final LoanTerms terms;
    private final Schedule schedule;
    private final PeriodicRate rate;

    /** @param schedule that of the terms */
    public LoanWorking(LoanTerms terms, Schedule schedule) {
        this.terms = terms;
        this.schedule = schedule;
        this.rate = terms.rate();
    }

    /** The workings of what does not depend on when the payments fall due. */
    public List<Working> workings() {
        TotalsWorking totals = new TotalsWorking(terms, schedule);
        return List.of(
                periodicRate(),
                effectiveRate(),
                payment(),
                payments(),
                lastPayment(),
                totals.totalInterest(),
                totals.totalPaid());
    }

    /** The working of the interest that extra payments save, where the loan without them would pay this much. */
    public Working interestSaved(Money interestWithout) {
        Money interest = schedule.whole().interest();
        return Working.of(Figure.INTEREST_SAVED, Rule.INTEREST_SAVED)
                .given(amount(Name.INTEREST_WITHOUT_EXTRAS, interestWithout), amount(Name.TOTAL_INTEREST, interest))
                .gives(amount(Name.INTEREST_SAVED, interestWithout.minus(interest)), Rounding.NONE);
    }

    /** The working of the rate per payment. */
    public Working periodicRate() {
        int compoundings = rate.compounding().perYear();
        int perYear = rate.frequency().perYear();
        Rule rule = compoundings == perYear ? Rule.RATE_SAME_PERIODS : Rule.RATE_CONVERTED;
        Working.Draft draft = Working.of(Figure.PERIODIC_RATE, rule)
                .given(
                        percent(Name.INTEREST_RATE, rate.annual().percent().value()),
                        number(Name.COMPOUNDINGS_PER_YEAR, compoundings),
                        number(Name.PAYMENTS_PER_YEAR, perYear));
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
                        number(Name.PAYMENTS_PER_YEAR, rate.frequency().perYear()))
                .gives(percent(Name.EFFECTIVE_RATE, rate.effectiveYearlyPercent()), Rounding.NONE);
    }

    /** The working of the rate as it is stated for another compounding. */
    public Working restatedFor(Compounding stated) {
        return Working.of(Figure.RESTATED_RATE, Rule.RATE_RESTATED)
                .given(
                        percent(Name.RATE_PER_PAYMENT, ratePercent()),
                        number(Name.PAYMENTS_PER_YEAR, rate.frequency().perYear()),
                        number(Name.COMPOUNDINGS_STATED, stated.perYear()))
                .gives(percent(Name.RESTATED_RATE, rate.nominalPercent(stated)), Rounding.NONE);
    }

    private Working payment() {
        if (terms.features().regular() instanceof RegularPayment.Custom chosen) {
            return Working.of(Figure.PAYMENT, Rule.CUSTOM_PAYMENT)
                    .gives(amount(Name.PAYMENT, chosen.amount()), Rounding.NONE);
        }
        return new PaymentWorking(Figure.PAYMENT, PaymentBasis.of(terms), terms.rounding())
                .working(amount(Name.LOAN, terms.amount()));
    }

    private Working payments() {
        return Working.of(Figure.PAYMENTS, Rule.NUMBER_OF_PAYMENTS)
                .given(number(Name.PAYMENTS_AGREED, terms.payments()))
                .gives(number(Name.PAYMENTS, schedule.payments()), Rounding.NONE);
    }

    private Working lastPayment() {
        Instalment last = schedule.line(schedule.payments());
        Money before = schedule.balanceAfter(schedule.payments() - 1);
        return lastPayment(Figure.LAST_PAYMENT, before, last)
                .gives(amount(Name.LAST_PAYMENT, last.payment()), Rounding.NONE);
    }

    /** How the last line of a schedule clears the loan; an extra taken with it clears a part. */
    static Working.Draft lastPayment(Figure figure, Money before, Instalment last) {
        boolean withExtra = !last.extra().isZero();
        Working.Draft draft = Working.of(figure, withExtra ? Rule.LAST_PAYMENT_BESIDE_EXTRA : Rule.LAST_PAYMENT)
                .given(amount(Name.BALANCE_BEFORE, before), amount(Name.INTEREST_OF_LINE, last.interest()));
        return withExtra ? draft.given(amount(Name.EXTRA_OF_LINE, last.extra())) : draft;
    }

    private BigDecimal ratePercent() {
        return rate.value().movePointRight(2);
    }
}
