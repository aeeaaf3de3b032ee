package app.impendium.core.loan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.finding.CaseException;
import app.impendium.core.rate.PaymentFrequency;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LoanTermTest {

    @ParameterizedTest
    @CsvSource({"360, MONTHLY, 360", "330, BIWEEKLY, 715", "600, WEEKLY, 2600", "7, SEMI_MONTHLY, 14", "12, YEARLY, 1"})
    void countsItsPayments(int months, PaymentFrequency frequency, int payments) {
        assertThat(new LoanTerm(months).payments(frequency)).isEqualTo(payments);
    }

    @ParameterizedTest
    @CsvSource({
        "7, WEEKLY, '7 months, 6 months, 9 months'",
        "1, YEARLY, '1 months, 12 months'",
        "13, QUARTERLY, '13 months, 12 months, 15 months'"
    })
    void namesTheNearestTermsOfWholePayments(int months, PaymentFrequency frequency, String told) {
        LoanTerm term = new LoanTerm(months);
        assertThatThrownBy(() -> term.payments(frequency))
                .isInstanceOf(CaseException.class)
                .hasMessage("terms.amortizationMonths: TERM_SPLITS_PAYMENTS " + told);
    }

    @Test
    void runsFromAMonthToFiftyYears() {
        assertThat(LoanTerm.ofYears(50).months()).isEqualTo(600);
        assertThatThrownBy(() -> new LoanTerm(0)).isInstanceOf(CaseException.class);
        assertThatThrownBy(() -> new LoanTerm(601))
                .hasMessage("terms.amortizationMonths: OUT_OF_RANGE 601 months, 1 months, 600 months");
    }
}
