package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import org.junit.jupiter.api.Test;

/** One case open twice: both are told, and neither loses work. */
class TwoAdvisorsTest extends Journey {

    @Test
    void tellsOfAConflictAndLetsEitherStateGoOn() {
        Advisor bea = someone().signIn(Advisor.EMAIL).begin("Open twice", "");
        Advisor tobias = someone().signIn(Advisor.COLLEAGUE).open("Open twice");
        bea.say(Field.TERM, "15");
        bea.waitUntilSaved();

        tobias.say(Field.TERM, "20");
        assertThat(tobias.page().getByText("Bea Ostrander saved this case")).isVisible();
        tobias.press("Keep theirs");
        assertThat(tobias.figure(Field.TERM)).hasValue("15 years");
        tobias.press("Undo");
        assertThat(tobias.figure(Field.TERM)).hasValue("20 years");
        tobias.waitUntilSaved();
    }

    @Test
    void letsOnesOwnStateGoOn() {
        Advisor bea = someone().signIn(Advisor.EMAIL).begin("Mine goes on", "");
        Advisor tobias = someone().signIn(Advisor.COLLEAGUE).open("Mine goes on");
        bea.say(Field.TERM, "15");
        bea.waitUntilSaved();

        tobias.say(Field.TERM, "20");
        tobias.press("Keep mine");
        tobias.waitUntilSaved();
        bea.page().reload();
        assertThat(bea.figure(Field.TERM)).hasValue("20 years");
    }

    @Test
    void showsWhatAColleagueSavedWhileNothingOfOursWaits() {
        Advisor bea = someone().signIn(Advisor.EMAIL).begin("Looked at", "");
        Advisor tobias = someone().signIn(Advisor.COLLEAGUE).open("Looked at");
        assertThat(bea.page().getByTestId("others")).hasText("Also open: Tobias Pell");
        assertThat(tobias.page().getByTestId("others")).hasText("Also open: Bea Ostrander");
        bea.say(Field.TERM, "15");
        bea.waitUntilSaved();

        assertThat(tobias.page().getByText("Bea Ostrander changed this case")).isVisible();
        assertThat(tobias.figure(Field.TERM)).hasValue("15 years");

        bea.toCases();
        assertThat(tobias.page().getByTestId("others")).hasText("");
    }
}
