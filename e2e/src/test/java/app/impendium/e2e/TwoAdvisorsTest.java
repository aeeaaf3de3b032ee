package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** One case open twice: both are told, and neither loses work. */
class TwoAdvisorsTest extends Journey {

    private final Advisor bea = someone().signIn(Advisor.EMAIL);

    @Test
    void asksWhichOfTwoFiguresGoesOnAndLosesNeither() {
        Advisor tobias = whoseStateMeetsAnother("Open twice");
        Page page = tobias.page();
        assertThat(page.getByText("Bea Ostrander saved this case")).isVisible();
        assertThat(choice(page, "term, Yours: 20 years")).isChecked();
        choice(page, "term, Bea Ostrander’s: 15 years").check();
        tobias.press("Go on with these");
        assertThat(tobias.figure(Field.TERM)).hasValue("15 years");
        // What only one of them changed is there all the same.
        assertThat(tobias.figure(Field.RATE)).hasValue("5\u202f%");
        tobias.waitUntilSaved();
        tobias.press("Undo");
        assertThat(tobias.figure(Field.TERM)).hasValue("20 years");
        tobias.waitUntilSaved();
    }

    @Test
    void letsOnesOwnStateGoOn() {
        Advisor tobias = whoseStateMeetsAnother("Mine goes on");
        tobias.press("Go on with these");
        tobias.waitUntilSaved();
        bea.page().reload();
        assertThat(bea.figure(Field.TERM)).hasValue("20 years");
        assertThat(bea.figure(Field.RATE)).hasValue("5\u202f%");
    }

    @Test
    void showsWhatAColleagueSavedWhileNothingOfOursWaits() {
        bea.begin("Looked at", "");
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

    /** Who changed the rate, and the term to 20 years, without a connection, while Bea Ostrander changed it to 15, and has one again. */
    private Advisor whoseStateMeetsAnother(String title) {
        bea.begin(title, "");
        Advisor tobias = someone().signIn(Advisor.COLLEAGUE).open(title);
        tobias.page().context().setOffline(true);
        tobias.say(Field.TERM, "20").say(Field.RATE, "5");
        bea.say(Field.TERM, "15").waitUntilSaved();
        tobias.page().context().setOffline(false);
        return tobias;
    }

    private static Locator choice(Page page, String label) {
        return page.getByRole(
                AriaRole.RADIO, new Page.GetByRoleOptions().setName(label).setExact(true));
    }
}
