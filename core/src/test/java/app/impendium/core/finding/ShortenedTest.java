package app.impendium.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

class ShortenedTest {
    private static final String HOUSE = "\uD83C\uDFE0";

    @Test
    void dividesNoCharacterThatTakesTwoPlaces() {
        assertThat(Shortened.start("Weir " + HOUSE, 6)).isEqualTo("Weir ");
        assertThat(Shortened.start("Weir " + HOUSE, 7)).isEqualTo("Weir " + HOUSE);
        assertThat(Shortened.to(7, "Weir " + HOUSE + "s")).isEqualTo("Weir …");
        assertThat(Shortened.echo(HOUSE.repeat(20))).isEqualTo(HOUSE.repeat(20));
        assertThat(Shortened.echo("." + HOUSE.repeat(20))).isEqualTo("." + HOUSE.repeat(19) + "…");
    }

    @Property
    void isNeverLongerThanAskedAndAlwaysTheBeginning(
            @ForAll @StringLength(max = 60) String text, @ForAll @IntRange(min = 1, max = 60) int most) {
        String shortened = Shortened.to(most, text);

        assertThat(shortened.length()).isLessThanOrEqualTo(most);
        assertThat(shortened.equals(text) || text.startsWith(shortened.substring(0, shortened.length() - 1)))
                .isTrue();
    }
}
