package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Saving loses nothing and never claims what is not so. */
class SavingTest extends Journey {

    @Test
    void keepsWhatWasTypedByOneWhoLeavesAtOnceAndComesBack() {
        Advisor bea = someone().signIn(Advisor.EMAIL).begin("Left at once", "");
        bea.say(Field.TERM, "15");
        bea.toCases().open("Left at once");

        assertThat(bea.figure(Field.TERM)).hasValue("15 years");
        bea.waitUntilSaved();
        bea.say(Field.TERM, "20");
        bea.waitUntilSaved();
        bea.press("Undo");
        bea.press("Undo");
        assertThat(bea.figure(Field.TERM)).hasValue("30 years");
    }

    @Test
    void keepsWhatWasTypedByOneWhoLoadsThePageAtOnce() {
        Advisor bea = someone().signIn(Advisor.EMAIL).begin("Loaded at once", "");
        bea.say(Field.TERM, "15");
        bea.page().reload();
        assertThat(bea.figure(Field.TERM)).hasValue("15 years");
        bea.say(Field.TERM, "20");
        bea.waitUntilSaved();
        bea.page().reload();
        assertThat(bea.figure(Field.TERM)).hasValue("20 years");
    }

    @Test
    void saysThatNothingIsSavedWithoutAConnectionAndSavesOnceThereIsOne() {
        Advisor bea = someone().signIn(Advisor.EMAIL).begin("Away for a while", "");
        String monthly = bea.month().textContent();
        bea.waitUntilSaved();
        bea.page().context().setOffline(true);
        bea.say(Field.TERM, "15");

        assertThat(bea.saved()).hasText("Not saved: no connection, trying again");
        assertThat(bea.page().getByText("No connection: showing the last results."))
                .isVisible();
        assertThat(bea.month()).hasText(monthly);
        bea.page().context().setOffline(false);
        assertThat(bea.total("PAYMENTS")).hasText("180");
        bea.waitUntilSaved();
    }

    @Test
    void keepsWorkWithoutAConnectionAcrossAReload() {
        Advisor bea = someone().signIn(Advisor.EMAIL).begin("Kept in the tab", "");
        bea.waitUntilSaved();
        String saves = "**/api/cases/*";
        bea.page().route(saves, route -> {
            if (route.request().method().equals("PUT")) {
                route.abort();
            } else {
                route.resume();
            }
        });
        bea.say(Field.TERM, "15");
        assertThat(bea.saved()).hasText("Not saved: no connection, trying again");
        bea.page().reload();
        assertThat(bea.figure(Field.TERM)).hasValue("15 years");
        bea.page().unroute(saves);
        bea.waitUntilSaved();
    }

    @Test
    void tellsAFailureOfTheServerFromSilence() {
        Advisor bea = someone().signIn(Advisor.EMAIL).begin("Fails", "");
        bea.waitUntilSaved();
        Route.FulfillOptions failure = new Route.FulfillOptions()
                .setStatus(500)
                .setContentType("application/problem+json")
                .setBody("{\"status\":500,\"title\":\"Something went wrong\"}");
        bea.page().route("**/api/figures", route -> route.fulfill(failure));
        bea.page().route("**/api/cases/*", route -> route.fulfill(failure));
        bea.say(Field.TERM, "15");

        assertThat(bea.saved()).hasText("Not saved: Something went wrong, trying again");
        assertThat(bea.page().getByText("The server could not calculate this, trying again"))
                .isVisible();
        bea.page().unroute("**/api/figures");
        bea.page().unroute("**/api/cases/*");
        bea.waitUntilSaved();
        assertThat(bea.total("PAYMENTS")).hasText("180");
    }

    @Test
    void takesOverWhatOneSavedInAnotherTabAsOnesOwn() {
        Advisor here = someone().signIn(Advisor.EMAIL).begin("Two tabs", "");
        Advisor there = here.inAnotherTab();
        there.say(Field.TERM, "15");
        there.waitUntilSaved();

        assertThat(here.figure(Field.TERM)).hasValue("15 years");
        assertThat(here.page().getByText("You changed this case in another tab"))
                .isVisible();
        here.say(Field.RATE, "5");
        here.waitUntilSaved();
        assertThat(there.figure(Field.RATE)).hasValue("5\u202f%");
    }

    @Test
    void keepsBothChangesWhereTheyAreOfDifferentFigures() {
        Advisor bea = someone().signIn(Advisor.EMAIL).begin("Merged", "");
        Advisor tobias = someone().signIn(Advisor.COLLEAGUE).open("Merged");
        bea.figure(Field.TERM).selectText();
        bea.page().keyboard().type("1");
        assertThat(bea.saved()).hasText("Not saved yet");
        tobias.say(Field.RATE, "5");
        tobias.waitUntilSaved();

        bea.page().keyboard().type("5");
        bea.page().keyboard().press("Tab");
        assertThat(bea.page().getByText("Tobias Pell changed this case")).isVisible();
        assertThat(bea.figure(Field.RATE)).hasValue("5\u202f%");
        assertThat(bea.figure(Field.TERM)).hasValue("15 years");
        bea.waitUntilSaved();
        assertThat(tobias.figure(Field.TERM)).hasValue("15 years");
    }

    @Test
    void keepsAnEntryThatCannotBeReadWhenAColleagueSaves() {
        Advisor bea = someone().signIn(Advisor.EMAIL).begin("Typed on", "");
        Advisor tobias = someone().signIn(Advisor.COLLEAGUE).open("Typed on");
        bea.say(Field.PRICE, "plenty");
        tobias.say(Field.TERM, "15");
        tobias.waitUntilSaved();

        assertThat(bea.figure(Field.TERM)).hasValue("15 years");
        assertThat(bea.figure(Field.PRICE)).hasValue("plenty");
    }

    @Test
    void keepsAnEntryThatCannotBeReadWhileAnotherOptionIsShownAndLeadsBackToIt() {
        Advisor bea = someone().signIn(Advisor.EMAIL).begin("Other option", "");
        bea.press("Add option…").item("Duplicate");
        bea.say(Field.PRICE, "plenty");
        bea.page().getByRole(AriaRole.TAB).first().click();
        assertThat(bea.figure(Field.PRICE)).not().hasValue("plenty");

        bea.press("fix the marked entry");
        assertThat(bea.figure(Field.PRICE)).hasValue("plenty");
        assertThat(bea.figure(Field.PRICE)).isFocused();
    }

    @Test
    void leadsToAnEntryInAClosedDrawer() {
        Advisor bea = someone().signIn(Advisor.EMAIL).begin("In the drawer", "");
        bea.press("Change");
        bea.cost("Home insurance").fill("much");
        bea.press("Close");
        bea.press("fix the marked entry");
        assertThat(bea.cost("Home insurance")).isFocused();
        bea.page().keyboard().press("Escape");
        bea.waitUntilSaved();
    }

    @Test
    void isSavedAgainOnceARefusedEntryIsTakenBack() {
        Advisor bea = someone().signIn(Advisor.EMAIL).begin("Taken back", "");
        bea.waitUntilSaved();
        bea.figure(Field.TERM).selectText();
        bea.page().keyboard().type("90 years");
        assertThat(bea.figure(Field.TERM)).hasAttribute("aria-invalid", "true");
        bea.page().keyboard().press("Escape");
        bea.waitUntilSaved();
    }

    @Test
    void asksBeforeSigningOutWithWorkThatIsNotSaved() {
        Advisor bea = someone().signIn(Advisor.EMAIL).begin("Signed out", "");
        bea.say(Field.PRICE, "plenty");
        bea.press("Bea Ostrander").item("Sign out");
        assertThat(bea.page().getByText("Some of your work is not saved")).isVisible();
        bea.press("Stay");
        assertThat(bea.figure(Field.PRICE)).hasValue("plenty");
        bea.press("Bea Ostrander").item("Sign out");
        bea.press("Sign out without saving");
        assertThat(bea.heading("Impendium")).isVisible();
        bea.signIn(Advisor.EMAIL).open("Signed out");
        assertThat(bea.figure(Field.PRICE)).not().hasValue("plenty");
    }
}
