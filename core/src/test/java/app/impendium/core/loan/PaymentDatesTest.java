package app.impendium.core.loan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.finding.CaseException;
import app.impendium.core.rate.PaymentFrequency;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PaymentDatesTest {

    @ParameterizedTest
    @CsvSource({
        "MONTHLY, 2027-01-31, 2, 2027-02-28",
        "MONTHLY, 2027-01-31, 3, 2027-03-31",
        "MONTHLY, 2027-03-01, 360, 2057-02-01",
        "QUARTERLY, 2027-11-30, 2, 2028-02-29",
        "YEARLY, 2028-02-29, 2, 2029-02-28",
        "BIWEEKLY, 2027-01-22, 27, 2028-01-21",
        "ACCELERATED_WEEKLY, 2027-01-22, 2, 2027-01-29",
        "SEMI_MONTHLY, 2027-01-01, 2, 2027-01-16",
        "SEMI_MONTHLY, 2027-01-01, 3, 2027-02-01",
        "SEMI_MONTHLY, 2027-01-15, 4, 2027-02-28",
        "SEMI_MONTHLY, 2027-01-15, 6, 2027-03-30",
        "SEMI_MONTHLY, 2027-01-31, 2, 2027-02-16",
        "SEMI_MONTHLY, 2027-01-31, 3, 2027-02-28"
    })
    void keepsTheDayOfTheMonth(PaymentFrequency frequency, LocalDate first, int payment, LocalDate due) {
        assertThat(new PaymentDates(first, frequency).of(payment)).isEqualTo(due);
    }

    @Test
    void startsOnTheFirstOfTheSecondMonthAfterClosing() {
        assertThat(PaymentDates.firstAfterClosing(LocalDate.parse("2026-12-31")))
                .isEqualTo("2027-02-01");
    }

    @Test
    void refusesADateOutsideItsRange() {
        assertThat(new PaymentDates(LocalDate.parse("1990-01-01"), PaymentFrequency.MONTHLY).of(1))
                .isEqualTo("1990-01-01");
        assertThatThrownBy(() -> new PaymentDates(LocalDate.parse("1989-12-31"), PaymentFrequency.MONTHLY))
                .isInstanceOf(CaseException.class)
                .hasMessage("terms.firstPayment: OUT_OF_RANGE 1989-12-31, 1990-01-01, 2150-12-31");
    }

    @Test
    void refusesToCountToADayBeyondAnyCase() {
        PaymentDates weekly = new PaymentDates(LocalDate.parse("2027-03-01"), PaymentFrequency.WEEKLY);

        assertThatThrownBy(() -> weekly.lastOnOrBefore(LocalDate.MAX))
                .isInstanceOf(CaseException.class)
                .hasMessageContaining("OUT_OF_RANGE +999999999-12-31, 1990-01-01, 2150-12-31");
        assertThatThrownBy(() -> weekly.firstOnOrAfter(LocalDate.of(2151, 1, 1)))
                .isInstanceOf(CaseException.class);
        assertThat(weekly.lastOnOrBefore(LocalDate.of(2150, 12, 31))).isEqualTo(6462);
    }
}
