package app.impendium.core.loan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

class SchedulePropertiesTest {

    @Property(tries = 400)
    void equalsThePlainOneOnEveryLine(@ForAll("loans") LoanTerms terms) {
        List<PlainSchedule.Line> expected;
        try {
            expected = PlainSchedule.of(terms);
        } catch (PlainSchedule.NoAnswer e) {
            assertThatThrownBy(() -> Schedule.of(terms)).isInstanceOf(CaseException.class);
            return;
        }
        Schedule schedule = Schedule.of(terms);

        assertThat(schedule.payments()).isEqualTo(expected.size());
        for (int number = 1; number <= expected.size(); number++) {
            PlainSchedule.Line line = expected.get(number - 1);
            Instalment actual = schedule.line(number);
            assertThat(actual.interest().toDecimal()).isEqualByComparingTo(line.interest());
            assertThat(actual.principal().toDecimal()).isEqualByComparingTo(line.principal());
            assertThat(actual.extra().toDecimal()).isEqualByComparingTo(line.extra());
            assertThat(actual.balance().toDecimal()).isEqualByComparingTo(line.balance());
        }
    }

    @Property(tries = 300)
    void repaysTheLoanToExactlyZeroAndNeverRises(@ForAll("loans") LoanTerms terms) {
        Schedule schedule = answerOf(terms);

        assertThat(schedule.whole().principal()).isEqualTo(terms.amount());
        assertThat(schedule.balanceAfter(schedule.payments())).isEqualTo(Money.ZERO);
        for (int number = 1; number <= schedule.payments(); number++) {
            assertThat(schedule.balanceAfter(number)).isLessThanOrEqualTo(schedule.balanceAfter(number - 1));
        }
    }

    @Property(tries = 200)
    void addsUpAnyRangeFromItsParts(@ForAll("loans") LoanTerms terms, @ForAll @IntRange(min = 1, max = 9) int tenths) {
        Schedule schedule = answerOf(terms);
        int cut = schedule.payments() * tenths / 10;
        Assume.that(cut >= 1 && cut < schedule.payments());
        PaymentRange before = schedule.range(1, cut);
        PaymentRange after = schedule.range(cut + 1, schedule.payments());

        assertThat(before.interest().plus(after.interest()))
                .isEqualTo(schedule.whole().interest());
        assertThat(before.principal().plus(after.principal()))
                .isEqualTo(schedule.whole().principal());
        assertThat(before.extra().plus(after.extra()))
                .isEqualTo(schedule.whole().extra());
        assertThat(before.balance()).isEqualTo(schedule.balanceAfter(cut));
    }

    @Property(tries = 200)
    void payingMoreNeverCostsMoreInterest(
            @ForAll("plainLoans") LoanTerms terms, @ForAll @IntRange(min = 1, max = 50_000) int extraCents) {
        Schedule without = answerOf(terms);
        Money extra = Money.ofCents(extraCents);
        ExtraPayment regular = new ExtraPayment.Regular(extra, 1, terms.payments());
        LoanTerms more = new LoanTerms(
                terms.amount(),
                terms.rate(),
                terms.payments(),
                terms.rounding(),
                LoanFeatures.NONE.withExtras(List.of(regular), ExtraEffect.END_EARLY));
        Schedule with = Schedule.of(more);

        // Each line's interest is rounded on its own, which can cost half a cent a line; a whole payment saved, never.
        Money roundings = Money.ofCents((with.payments() + 1) / 2);
        assertThat(with.whole().interest())
                .isLessThanOrEqualTo(without.whole().interest().plus(roundings));
        assertThat(with.payments()).isLessThanOrEqualTo(without.payments());
    }

    @Property(tries = 300)
    void roundsTheEstimatedPaymentAsTheExactOne(@ForAll("plainLoans") LoanTerms terms) {
        Assume.that(!terms.rate().frequency().isAccelerated());

        Money payment = LevelPayment.of(terms);

        assertThat(payment.cents())
                .isEqualTo(terms.rounding()
                        .cents(LevelPayment.exactCents(
                                new PaymentBasis(terms.amount(), Money.ZERO, terms.rate(), terms.payments()))));
    }

    private static Schedule answerOf(LoanTerms terms) {
        try {
            return Schedule.of(terms);
        } catch (CaseException e) {
            Assume.that(false);
            throw e;
        }
    }

    @Provide
    Arbitrary<LoanTerms> loans() {
        return Loans.all();
    }

    @Provide
    Arbitrary<LoanTerms> plainLoans() {
        return Loans.plain();
    }
}
