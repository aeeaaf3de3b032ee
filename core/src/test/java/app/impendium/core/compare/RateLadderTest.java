package app.impendium.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.compare.RateLadder.Rung;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.util.List;
import org.junit.jupiter.api.Test;

class RateLadderTest {

    @Test
    void standsAroundTheLoansOwnRate() {
        List<Rung> rungs = RateLadder.of(loan("6.125"), new RateLadder.Build(Percent.of("0.25"), 4, 4));

        assertThat(rungs)
                .extracting(rung -> rung.rate().percent().toString())
                .containsExactly(
                        "5.125 %",
                        "5.375 %", "5.625 %", "5.875 %", "6.125 %", "6.375 %", "6.625 %", "6.875 %", "7.125 %");
        assertThat(rungs.get(4).payment()).isEqualTo(Money.of("2362.72"));
        assertThat(rungs.get(4).overTheLife()).isEqualTo(Money.ZERO);
        assertThat(rungs).extracting(Rung::overTheLife).isSorted();
    }

    @Test
    void tellsTheDifferenceByPaymentYearAndLife() {
        LoanTerms terms = loan("6.125");
        Rung lowest = RateLadder.of(terms, new RateLadder.Build(Percent.of("1"), 1, 0))
                .get(0);
        Schedule own = Schedule.of(terms);
        Schedule other = Schedule.of(loan("5.125"));

        assertThat(lowest.perPayment()).isEqualTo(other.payment().minus(own.payment()));
        assertThat(lowest.perYear()).isEqualTo(lowest.perPayment().times(12));
        assertThat(lowest.overTheLife())
                .isEqualTo(other.whole().interest().minus(own.whole().interest()))
                .isEqualTo(Money.of("-88365.96"));
    }

    @Test
    void leavesOutRatesThatCannotBe() {
        assertThat(RateLadder.of(loan("0.5"), new RateLadder.Build(Percent.of("0.25"), 4, 0)))
                .hasSize(3);
        assertThat(RateLadder.of(loan("29.75"), new RateLadder.Build(Percent.of("0.25"), 0, 4)))
                .hasSize(2);
        assertThatThrownBy(() -> RateLadder.of(loan("5"), new RateLadder.Build(Percent.of("0"), 1, 1)))
                .hasMessage("0 % is not allowed here, only above 0 %.");
        assertThatThrownBy(() -> RateLadder.of(loan("5"), new RateLadder.Build(Percent.of("1"), 41, 1)))
                .hasMessage("41 is not allowed here, only 0 to 40.");
    }

    private static LoanTerms loan(String ratePercent) {
        return LoanTerms.plain(
                Money.of("388855.00"),
                PeriodicRate.of(AnnualRate.ofPercent(ratePercent), Compounding.MONTHLY, PaymentFrequency.MONTHLY),
                360,
                PaymentRounding.NEAREST_CENT);
    }
}
