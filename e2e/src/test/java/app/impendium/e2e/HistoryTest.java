package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** What a case said before: read, named, brought back. */
class HistoryTest extends Journey {

    @Test
    void anEarlierStateIsReadLookedAtNamedAndBroughtBack() {
        Advisor bea = someone().signIn(Advisor.EMAIL).begin("Osier Bank", "Ilka Rowe");
        bea.say(Field.RATE, "6.125").waitUntilSaved();
        bea.say(Field.RATE, "5.875").waitUntilSaved();
        bea.say(Field.TERM, "20").waitUntilSaved();
        Page page = bea.page();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("History").setExact(true))
                .click();

        assertThat(state(page, 0)).containsText("term 30 years → 20 years");
        assertThat(state(page, 0)).containsText("as it is now");
        assertThat(state(page, 1)).containsText("rate 6.125\u202f% → 5.875\u202f%");
        assertThat(state(page, 3)).containsText("The case began.");

        press(state(page, 1), "Look");
        assertThat(state(page, 1).getByRole(AriaRole.TABLE)).containsText("5.875");
        press(state(page, 1), "Name");
        page.getByLabel("Name of this state").fill("As sent to the lender");
        bea.press("Keep");
        assertThat(state(page, 1)).containsText("As sent to the lender");

        press(state(page, 1), "Bring back");
        bea.waitUntilSaved();
        assertThat(state(page, 0)).containsText("term 20 years → 30 years");
        assertThat(state(page, 2)).containsText("As sent to the lender");
        bea.press("Undo");
        bea.waitUntilSaved();
        assertThat(state(page, 0)).containsText("term 30 years → 20 years");
    }

    @Test
    void whatGaveWayToAColleagueIsThereForEverybody() {
        Advisor bea = someone().signIn(Advisor.EMAIL).begin("Two Minds Lane", "Ilka Rowe");
        bea.waitUntilSaved();
        Advisor tobias = someone().signIn(Advisor.COLLEAGUE).open("Two Minds Lane");
        tobias.page().context().setOffline(true);
        tobias.say(Field.RATE, "4.5");
        bea.say(Field.RATE, "5.5").waitUntilSaved();
        tobias.page().context().setOffline(false);
        tobias.page()
                .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("rate, Bea Ostrander’s: 5.5\u202f%"))
                .check();
        tobias.press("Go on with these");

        Page page = bea.page();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("History").setExact(true))
                .click();
        Locator lost = page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("gave way to a colleague’s"));
        assertThat(lost).containsText("Tobias Pell");
        press(lost, "Bring back");
        bea.waitUntilSaved();
        assertThat(state(page, 0)).containsText("rate 5.5\u202f% → 4.5\u202f%");
    }

    /** The state so many before the latest. */
    private static Locator state(Page page, int before) {
        return page.locator("main ol > li").nth(before);
    }

    private static void press(Locator state, String action) {
        state.getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(action))
                .first()
                .click();
    }
}
