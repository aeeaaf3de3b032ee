package app.impendium.core.rate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.finding.CaseException;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The unit-periods that Appendix J counts between an advance and the first payment. */
class UnitPeriodsTest {

    @ParameterizedTest
    @CsvSource({
        // Months are counted back from the payment, the days before them are thirtieths.
        "2027-01-10, 2027-02-15, MONTHLY, 1, 5, 30",
        "2027-02-10, 2027-04-01, MONTHLY, 1, 19, 30",
        "2027-01-31, 2027-02-28, MONTHLY, 0, 28, 30",
        "2027-01-01, 2027-02-01, MONTHLY, 1, 0, 30",
        // Thirty odd days are a whole month: the first and the second of January count the same, the third does not.
        "2027-01-01, 2027-03-01, MONTHLY, 2, 0, 30",
        "2027-01-02, 2027-03-01, MONTHLY, 2, 0, 30",
        "2027-01-03, 2027-03-01, MONTHLY, 1, 29, 30",
        "2027-01-02, 2027-03-01, SEMI_MONTHLY, 4, 0, 15",
        "2027-01-02, 2027-05-01, QUARTERLY, 1, 30, 90",
        "2027-01-01, 2027-02-01, SEMI_MONTHLY, 2, 0, 15",
        "2027-01-01, 2027-01-27, SEMI_MONTHLY, 1, 11, 15",
        "2027-01-01, 2027-05-11, QUARTERLY, 1, 40, 90",
        "2027-01-01, 2027-01-20, BIWEEKLY, 1, 5, 14",
        "2027-01-01, 2027-01-20, WEEKLY, 2, 5, 7",
        "2027-01-01, 2028-04-01, YEARLY, 1, 3, 12",
        "2027-01-01, 2028-01-26, YEARLY, 1, 25, 365",
        "2028-01-02, 2029-01-01, YEARLY, 1, 0, 365",
    })
    void countsWholePeriodsAndAFraction(
            LocalDate advance, LocalDate payment, PaymentFrequency frequency, int whole, int part, int of) {
        UnitPeriods time = UnitPeriods.between(advance, payment, frequency);

        assertThat(time).isEqualTo(new UnitPeriods(whole, part / (double) of));
    }

    @Test
    void knowsNoPaymentBeforeTheAdvance() {
        assertThatThrownBy(() -> UnitPeriods.between(
                        LocalDate.of(2027, 3, 2), LocalDate.of(2027, 3, 1), PaymentFrequency.WEEKLY))
                .isInstanceOf(CaseException.class);
    }
}
