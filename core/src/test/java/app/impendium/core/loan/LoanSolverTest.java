package app.impendium.core.loan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** Each answer keeps to the payment, and one step more does not. */
class LoanSolverTest {
    private static final Money CENT = Money.ofCents(1);
    private static final BigDecimal MILLIONTH = new BigDecimal("0.000001");

    @Property(tries = 150)
    void amountIsSharp(@ForAll("plainLoans") LoanTerms terms) {
        Money payment = LevelPayment.of(terms);

        Money amount = LoanSolver.largestAmount(terms.rate(), terms.payments(), payment, Money.ZERO, terms.rounding());

        assertThat(amount).isGreaterThanOrEqualTo(terms.amount());
        assertThat(paymentOf(amount, terms.rate(), terms)).isLessThanOrEqualTo(payment);
        assertThat(amount.equals(Money.LARGEST)
                        || paymentOf(amount.plus(CENT), terms.rate(), terms).isAbove(payment))
                .isTrue();
    }

    @Property(tries = 100)
    void rateIsSharp(@ForAll("plainLoans") LoanTerms terms) {
        Money payment = LevelPayment.of(terms);

        AnnualRate rate = LoanSolver.highestRate(
                terms.amount(), terms.rate(), terms.payments(), payment, Money.ZERO, terms.rounding());

        assertThat(rate.percent().value())
                .isGreaterThanOrEqualTo(terms.rate().annual().percent().value());
        assertThat(paymentOf(terms.amount(), terms.rate().withAnnual(rate), terms))
                .isLessThanOrEqualTo(payment);
        if (rate.equals(AnnualRate.ofPercent("30"))) {
            return;
        }
        AnnualRate higher = AnnualRate.ofPercent(rate.percent().value().add(MILLIONTH));
        assertThat(paymentOf(terms.amount(), terms.rate().withAnnual(higher), terms))
                .isGreaterThan(payment);
    }

    @Property(tries = 100)
    void numberOfPaymentsIsSharp(@ForAll("plainLoans") LoanTerms terms) {
        Money payment = LevelPayment.of(terms);

        int payments = LoanSolver.fewestPayments(terms.amount(), terms.rate(), payment, Money.ZERO, terms.rounding());

        int step = terms.rate().frequency().isAccelerated() ? 13 : 1;
        assertThat(payments).isLessThanOrEqualTo(terms.payments()).isPositive();
        assertThat(payments % step).isZero();
        assertThat(LevelPayment.of(
                        new PaymentBasis(terms.amount(), Money.ZERO, terms.rate(), payments), terms.rounding()))
                .isLessThanOrEqualTo(payment);
        if (payments > step) {
            assertThat(LevelPayment.of(
                            new PaymentBasis(terms.amount(), Money.ZERO, terms.rate(), payments - step),
                            terms.rounding()))
                    .isGreaterThan(payment);
        }
    }

    @Property(tries = 100)
    void balanceAtTheEndIsSharp(@ForAll("plainLoans") LoanTerms terms) {
        Money most = LevelPayment.of(
                new PaymentBasis(terms.amount(), half(terms.amount()), terms.rate(), terms.payments()),
                terms.rounding());

        Money balloon =
                LoanSolver.smallestBalloon(terms.amount(), terms.rate(), terms.payments(), most, terms.rounding());

        assertThat(balloon).isLessThanOrEqualTo(half(terms.amount()));
        assertThat(LevelPayment.of(
                        new PaymentBasis(terms.amount(), balloon, terms.rate(), terms.payments()), terms.rounding()))
                .isLessThanOrEqualTo(most);
        if (!balloon.isZero()) {
            assertThat(LevelPayment.of(
                            new PaymentBasis(terms.amount(), balloon.minus(CENT), terms.rate(), terms.payments()),
                            terms.rounding()))
                    .isGreaterThan(most);
        }
    }

    @Example
    void saysWhyThereIsNone() {
        PeriodicRate rate = PeriodicRate.of(
                AnnualRate.ofPercent("6"),
                app.impendium.core.rate.Compounding.MONTHLY,
                app.impendium.core.rate.PaymentFrequency.MONTHLY);
        Money loan = Money.of("120000.00");

        assertThatThrownBy(() -> LoanSolver.fewestPayments(
                        loan, rate, Money.of("600.00"), Money.ZERO, PaymentRounding.NEAREST_CENT))
                .isInstanceOf(CaseException.class)
                .hasMessage("payment: PAYMENT_BELOW_LONGEST_TERM 600.00, 631.69");
        assertThatThrownBy(() -> LoanSolver.highestRate(
                        loan, rate, 120, Money.of("999.99"), Money.ZERO, PaymentRounding.NEAREST_CENT))
                .hasMessage("payment: PAYMENT_BELOW_PRINCIPAL 999.99, 1000.00");
    }

    private static Money half(Money amount) {
        return Money.ofCents(amount.cents() / 2);
    }

    private static Money paymentOf(Money amount, PeriodicRate rate, LoanTerms terms) {
        return LevelPayment.of(new PaymentBasis(amount, Money.ZERO, rate, terms.payments()), terms.rounding());
    }

    @Provide
    Arbitrary<LoanTerms> plainLoans() {
        return Loans.plain();
    }
}
