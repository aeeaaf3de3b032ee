package app.impendium.server.csv;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DecimalSignTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "POINT   | 250000.00 | 2.5",
                "POINT   | 1,250,000 | 2",
                "POINT   | 6.125     | 1,250.50",
                "COMMA   | 250000,00 | 2,5",
                "COMMA   | 1.250.000 | 2",
                "COMMA   | 1.250,5   | 6.125",
                "UNKNOWN | 1.250     | 1,250",
                "UNKNOWN | 2,5       | 2.5",
                "UNKNOWN | 12        | Rope Lane 4",
            })
    void isToldByTheNumbersOfATable(DecimalSign sign, String one, String other) {
        assertThat(DecimalSign.of(Stream.of(one, other))).isEqualTo(sign);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1.250      | 1.250   | 1250",
                "1,250      | 1250    | 1.250",
                "$ 1,250.50 | 1250.50 | 1250.50",
                "1.250,50 € | 1250.50 | 1250.50",
                "0.125      | 0.125   | 0.125",
                "−0,5       | −0.5    | −0.5",
                "250 000    | 250000  | 250000",
            })
    void readsWhatMayBeEitherAsTheTableDoes(String given, String withPoint, String withComma) {
        assertThat(DecimalSign.plain(given, () -> DecimalSign.POINT)).contains(withPoint);
        assertThat(DecimalSign.plain(given, () -> DecimalSign.COMMA)).contains(withComma);
    }

    @Test
    void readsNothingThatMayBeTwoThingsOrIsNone() {
        assertThat(DecimalSign.plain("1.250", () -> DecimalSign.UNKNOWN)).isEmpty();
        assertThat(DecimalSign.plain("2.5", () -> DecimalSign.UNKNOWN)).contains("2.5");
        for (String none : new String[] {"", "much", "1.2.3", "1,25,000", "--4"}) {
            assertThat(DecimalSign.plain(none, () -> DecimalSign.POINT))
                    .as(none)
                    .isEmpty();
        }
    }
}
