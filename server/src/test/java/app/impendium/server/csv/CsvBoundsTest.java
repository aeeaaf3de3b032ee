package app.impendium.server.csv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.finding.CaseException;
import app.impendium.server.problem.RefusedException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvBoundsTest {
    private static final CsvLayout LAYOUT =
            new CsvLayout("debt", List.of(Column.needed("debt"), Column.optional("kind")), 3);

    @ParameterizedTest
    @ValueSource(strings = {",", "\"a\",", "a\",\",", ",\n\"\n\","})
    void aListOfCommasIsRefusedForItsColumns(String repeated) {
        assertThatThrownBy(() -> table(repeated.repeat(7_900_000 / repeated.length())))
                .isInstanceOf(RefusedException.class);
    }

    @Test
    void aLineIsRefusedForItsColumnsWhereItStands() {
        assertThatThrownBy(() -> table("debt\ncar\n\"a\nb\"" + ",".repeat(CsvBounds.MOST_COLUMNS)))
                .isInstanceOf(RefusedException.class)
                .hasMessage("Line 3 has more than 100 columns.");
    }

    @Test
    void aCellIsRefusedForItsLength() {
        String longest = "x".repeat(CsvBounds.MOST_CHARACTERS);

        assertThat(table("debt\n" + longest).lines()).hasSize(1);
        assertThatThrownBy(() -> table("debt\n" + longest + "x")).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> table("debt\n\"" + "x\n".repeat(4_000_000))).isInstanceOf(RefusedException.class);
    }

    @Test
    void emptyLinesAreNotCounted() {
        assertThat(table("debt" + "\n".repeat(4_000_000) + "car").lines()).hasSize(1);
    }

    @Test
    void moreLinesThanTheListCanHoldAreCountedAndNotKept() {
        assertThatThrownBy(() -> table("debt\n" + "car\n".repeat(1_000_000)))
                .isInstanceOfSatisfying(
                        CaseException.class,
                        refusal ->
                                assertThat(refusal.findings().get(0).toString()).contains("1000000"));
    }

    private static CsvTable table(String text) {
        return CsvTable.of(text, LAYOUT, Map.of());
    }
}
