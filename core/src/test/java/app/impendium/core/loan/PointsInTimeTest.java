package app.impendium.core.loan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What a loan looks like at a payment, on a day, in a year, at the end of its rate's term. */
class PointsInTimeTest {
    private static final LoanTerms LOAN = LoanTerms.plain(
            Money.of("214300.00"),
            PeriodicRate.of(AnnualRate.ofPercent("4.9"), Compounding.SEMI_ANNUAL, PaymentFrequency.MONTHLY),
            300,
            PaymentRounding.NEAREST_CENT);
    private static final PaymentDates DATES = new PaymentDates(LocalDate.parse("2027-03-15"), PaymentFrequency.MONTHLY);

    @ParameterizedTest
    @CsvSource({
        "2027-03-14, 0, 1",
        "2027-03-15, 1, 1",
        "2027-03-16, 1, 2",
        "2027-04-15, 2, 2",
        "2031-10-01, 55, 56",
        "2052-02-15, 300, 300"
    })
    void findsPaymentsByTheirDay(LocalDate day, int before, int after) {
        assertThat(DATES.lastOnOrBefore(day)).isEqualTo(before);
        assertThat(DATES.firstOnOrAfter(day)).isEqualTo(after);
    }

    @ParameterizedTest
    @EnumSource(PaymentFrequency.class)
    void findsEachPaymentOnItsOwnDay(PaymentFrequency frequency) {
        PaymentDates dates = new PaymentDates(LocalDate.parse("2027-01-31"), frequency);
        for (int payment = 1; payment <= 50 * frequency.perYear(); payment += 7) {
            assertThat(dates.lastOnOrBefore(dates.of(payment))).isEqualTo(payment);
            assertThat(dates.firstOnOrAfter(dates.of(payment))).isEqualTo(payment);
            assertThat(dates.lastOnOrBefore(dates.of(payment).minusDays(1))).isEqualTo(payment - 1);
            assertThat(dates.firstOnOrAfter(dates.of(payment).plusDays(1))).isEqualTo(payment + 1);
        }
    }

    @Test
    void addsUpEachCalendarYear() {
        Schedule schedule = Schedule.of(LOAN);
        List<ScheduleYear> years = ScheduleYear.of(schedule, DATES);

        assertThat(years).hasSize(26);
        assertThat(years.get(0)).isEqualTo(new ScheduleYear(2027, schedule.range(1, 10)));
        assertThat(years.get(1)).isEqualTo(new ScheduleYear(2028, schedule.range(11, 22)));
        assertThat(years.get(25)).isEqualTo(new ScheduleYear(2052, schedule.range(299, 300)));
    }

    @Test
    void repaysHalfWithThePaymentThatBringsTheBalanceThere() {
        Schedule schedule = Schedule.of(LOAN);
        int half = schedule.firstWithHalfRepaid().orElseThrow();

        assertThat(schedule.balanceAfter(half).cents()).isLessThanOrEqualTo(107_150_00);
        assertThat(schedule.balanceAfter(half - 1).cents()).isGreaterThan(107_150_00);
    }

    @Test
    void hasRepaidHalfExactlyWhenHalfIsLeft() {
        LoanTerms twoHalves = LoanTerms.plain(
                Money.of("100.00"),
                PeriodicRate.of(AnnualRate.ofPercent("0"), Compounding.MONTHLY, PaymentFrequency.MONTHLY),
                2,
                PaymentRounding.NEAREST_CENT);

        assertThat(Schedule.of(twoHalves).firstWithHalfRepaid()).hasValue(1);
    }

    @Test
    void paysMorePrincipalThanInterestOnlyWithTheLastPaymentWhereThatRepaysNearlyAll() {
        LoanFeatures chosen = LoanFeatures.NONE.withRegular(new RegularPayment.Custom(Money.of("4.10")));
        LoanTerms nearlyAllLeft =
                new LoanTerms(Money.of("1000.00"), LOAN.rate(), 12, PaymentRounding.NEAREST_CENT, chosen);

        assertThat(Schedule.of(nearlyAllLeft).firstWithMorePrincipalThanInterest())
                .hasValue(12);
    }

    @Test
    void neverPaysMorePrincipalThanInterestWhereALumpRepaysTheLoanBeforePrincipalBegins() {
        LoanFeatures lump = LoanFeatures.NONE
                .withInterestOnly(6)
                .withExtras(List.of(new ExtraPayment.Lump(Money.of("1000.00"), 3)), ExtraEffect.END_EARLY);
        LoanTerms repaidAtOnce =
                new LoanTerms(Money.of("1000.00"), LOAN.rate(), 12, PaymentRounding.NEAREST_CENT, lump);

        assertThat(Schedule.of(repaidAtOnce).payments()).isEqualTo(3);
        assertThat(Schedule.of(repaidAtOnce).firstWithMorePrincipalThanInterest())
                .isEmpty();
    }

    @Test
    void balanceByFormulaStaysWithinTheRoundingOfItsLines() {
        Schedule schedule = Schedule.of(LOAN);
        for (int paid : new int[] {1, 60, 299}) {
            BigDecimal formula = BalanceFormula.balanceCentsAfter(LOAN.amount(), LOAN.rate(), schedule.payment(), paid);
            BigDecimal difference = formula.subtract(
                            BigDecimal.valueOf(schedule.balanceAfter(paid).cents()))
                    .abs();
            assertThat(difference).isLessThan(BigDecimal.valueOf(paid));
        }
        assertThat(BalanceFormula.balanceCentsAfter(LOAN.amount(), LOAN.rate(), schedule.payment(), 1)
                        .setScale(0, RoundingMode.HALF_UP))
                .isEqualByComparingTo(
                        BigDecimal.valueOf(schedule.balanceAfter(1).cents()));
    }

    @Test
    void balanceByFormulaWithoutInterestIsWhatIsNotPaidYet() {
        PeriodicRate none = LOAN.rate().withAnnual(AnnualRate.ofPercent("0"));

        assertThat(BalanceFormula.balanceCentsAfter(Money.of("1000.00"), none, Money.of("10.00"), 30))
                .isEqualByComparingTo("70000");
    }

    @Test
    void renewsWhatIsOwedOverWhatIsLeftOfTheAmortization() {
        Schedule schedule = Schedule.of(LOAN);

        LoanTerms next = Renewal.of(LOAN, schedule, 60, AnnualRate.ofPercent("5.6"));

        assertThat(next.amount()).isEqualTo(schedule.balanceAfter(60));
        assertThat(next.payments()).isEqualTo(240);
        assertThat(next.rate())
                .isEqualTo(PeriodicRate.of(
                        AnnualRate.ofPercent("5.6"), Compounding.SEMI_ANNUAL, PaymentFrequency.MONTHLY));
        assertThat(Renewal.of(LOAN, schedule, 299, AnnualRate.ofPercent("5.6")).payments())
                .isEqualTo(1);
        assertThatThrownBy(() -> Renewal.of(LOAN, schedule, 300, AnnualRate.ofPercent("5.6")))
                .isInstanceOf(CaseException.class)
                .hasMessage("renewal: OUT_OF_RANGE 300, 1, 299");
        assertThatThrownBy(() -> Renewal.of(LOAN, schedule, 0, AnnualRate.ofPercent("5.6")))
                .isInstanceOf(CaseException.class);
    }

    @Test
    void takesAYearlyLumpEachYear() {
        ExtraPayment yearly = new ExtraPayment.Yearly(Money.of("1000.00"), 6, 30, 12);
        LoanTerms terms = loanWith(LoanFeatures.NONE.withExtras(List.of(yearly), ExtraEffect.END_EARLY));
        Schedule schedule = Schedule.of(terms);

        assertThat(schedule.line(6).extra()).isEqualTo(Money.of("1000.00"));
        assertThat(schedule.line(18).extra()).isEqualTo(Money.of("1000.00"));
        assertThat(schedule.line(30).extra()).isEqualTo(Money.of("1000.00"));
        assertThat(schedule.whole().extra()).isEqualTo(Money.of("3000.00"));
        assertThat(Schedule.of(terms.withoutExtras()).whole())
                .isEqualTo(Schedule.of(LOAN).whole());
    }

    @Test
    void tellsTheLeastPaymentForWhatIsLeftOfTheTerm() {
        LoanTerms terms = loanWith(
                LoanFeatures.NONE.withInterestOnly(60).withRegular(new RegularPayment.Custom(Money.of("500.00"))));
        Money least = LevelPayment.of(
                new PaymentBasis(LOAN.amount(), Money.ZERO, LOAN.rate(), 240), PaymentRounding.UP_TO_CENT);

        assertThatThrownBy(() -> Schedule.of(terms))
                .hasMessageStartingWith("features.paymentCents: PAYMENT_BELOW_INTEREST 500.00, ")
                .hasMessageEndingWith(", 61, " + least);
    }

    @Test
    void saysWhichRateItIs() {
        PeriodicRate rate = LOAN.rate();

        assertThat(rate)
                .hasToString("4.9 % SEMI_ANNUAL paid MONTHLY")
                .isNotEqualTo(PeriodicRate.of(rate.annual(), rate.compounding(), PaymentFrequency.WEEKLY))
                .isNotEqualTo(rate.withAnnual(AnnualRate.ofPercent("5")))
                .isNotEqualTo(PeriodicRate.of(rate.annual(), Compounding.YEARLY, PaymentFrequency.MONTHLY))
                .isEqualTo(PeriodicRate.of(rate.annual(), rate.compounding(), rate.frequency()))
                .hasSameHashCodeAs(PeriodicRate.of(rate.annual(), rate.compounding(), rate.frequency()));
    }

    @Test
    void refusesExtrasAndRateChangesOutsideTheLoan() {
        assertThatThrownBy(() -> new ExtraPayment.Regular(Money.of("1.00"), 9, 8))
                .isInstanceOf(CaseException.class);
        assertThat(new ExtraPayment.Regular(Money.of("1.00"), 9, 9).last()).isEqualTo(9);
        RateChange tooEarly = new RateChange(1, LOAN.rate().withAnnual(AnnualRate.ofPercent("5")));
        ExtraPayment tooLate = new ExtraPayment.Lump(Money.of("1.00"), 301);
        assertThatThrownBy(() -> loanWith(LoanFeatures.NONE
                        .withExtras(List.of(tooLate), ExtraEffect.RECAST)
                        .withRateChanges(List.of(tooEarly, tooEarly))))
                .isInstanceOf(CaseException.class)
                .hasMessage(
                        "features.extras[0]: OUT_OF_RANGE 301, 1, 300; features.rateChanges[0]: OUT_OF_RANGE 1, 2, 300;"
                                + " features.rateChanges[1]: OUT_OF_RANGE 1, 2, 300");
    }

    private static LoanTerms loanWith(LoanFeatures features) {
        return new LoanTerms(LOAN.amount(), LOAN.rate(), LOAN.payments(), LOAN.rounding(), features);
    }
}
