package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** The page that a client opens by a link: made by an advisor, used on a phone, answered, and ended. */
class ClientPageTest extends Journey {
    private static final String AT_SIX_PERCENT = "$2,410.23";
    private static final String NOTE = "Could we do that? <img src=x onerror=\"document.title = 'taken'\">";

    @Test
    void aClientTriesOtherFiguresAndWritesBack() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Two Lanes, for the client", "Ida Brandt");
        advisor.say(Field.RATE, "6");
        assertThat(advisor.month()).hasText(AT_SIX_PERCENT);
        advisor.say(Field.RATE, "6.5");
        assertThat(advisor.month()).not().hasText(AT_SIX_PERCENT);
        String address = link(advisor, "Grey Heron");
        int before = log().size();
        Page phone = someone(new NewContextOptions().setViewportSize(390, 844)).page();
        List<String> asked = new ArrayList<>();
        phone.onRequest(request -> asked.add(request.url()));

        phone.navigate(address);
        Locator word = phone.getByLabel("Type the word that your advisor gave you.");
        word.fill("grey goose");
        word.press("Enter");
        assertThat(phone.getByRole(AriaRole.ALERT)).containsText("This is not the word.");
        assertThat(phone.getByText("Ida Brandt")).hasCount(0);
        word.fill("grey heron");
        word.press("Enter");
        assertThat(phone.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Two Lanes, for the client")))
                .isVisible();
        assertThat(phone.getByText("For Ida Brandt")).isVisible();

        phone.getByLabel("Yearly rate").fill("6");
        phone.keyboard().press("Tab");
        assertThat(said(phone)).containsText(AT_SIX_PERCENT);
        assertThat(phone.getByText("Changed by you.")).containsText("at 6.5\u202f%");
        assertThat(phone.getByText("Figures updated. Each payment:")).hasCount(1);
        phone.getByLabel("Yearly rate").fill("44");
        assertThat(phone.getByRole(AriaRole.ALERT)).containsText("0 % to 30 %");
        phone.keyboard().press("Escape");
        assertThat(said(phone)).containsText(AT_SIX_PERCENT);
        phone.getByLabel("Write to Ostrander & Pell").fill(NOTE);
        phone.context().setOffline(true);
        phone.getByLabel("Yearly rate").fill("6.25");
        assertThat(phone.getByText("There is no connection to the server.")).isVisible();
        assertThat(phone.getByLabel("Write to Ostrander & Pell")).hasValue(NOTE);
        phone.context().setOffline(false);
        phone.getByLabel("Yearly rate").fill("6");
        phone.keyboard().press("Tab");
        assertThat(phone.getByText("There is no connection to the server.")).hasCount(0);
        assertThat(said(phone)).containsText(AT_SIX_PERCENT);
        phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Send the note"))
                .click();
        assertThat(phone.getByText("Sent.")).isVisible();

        advisor.toCases();
        Page desk = advisor.page();
        Locator waiting = desk.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Notes from clients"));
        waiting.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Two Lanes, for the client"))
                .click();
        assertThat(links(desk)).containsText(NOTE);
        assertThat(links(desk)).containsText("tried: at 6\u202f%");
        assertThat(links(desk)).containsText("opened once");
        Assertions.assertThat(desk.title()).doesNotContain("taken");

        String key = address.substring(address.indexOf('#') + 1);
        Assertions.assertThat(asked).noneMatch(url -> url.contains(key) && !url.contains("#"));
        Assertions.assertThat(log().subList(before, log().size()))
                .as("the refused word is in the log")
                .anyMatch(line -> line.contains("401"))
                .noneMatch(line -> line.contains(key) || line.contains("heron") || line.contains("goose"));
    }

    @Test
    void itShowsWhatItIsToldToAndEndsWhenItIsTold() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Two Lanes, to be ended", "Ida Brandt");
        String address = link(advisor, "");
        Page client = someone().page();
        client.navigate(address);
        assertThat(said(client)).containsText("Your loan");
        String before = client.getByLabel("Yearly rate").inputValue();

        advisor.view("Loan").say(Field.RATE, "8.125");
        advisor.view("Hand-out").waitUntilSaved();
        client.reload();
        assertThat(client.getByLabel("Yearly rate")).hasValue(before);
        advisor.press("Show the case as saved now");
        assertThat(links(advisor.page())).not().containsText("It shows an earlier state.");
        client.reload();
        assertThat(client.getByLabel("Yearly rate")).hasValue("8.125\u202f%");

        client.getByLabel("Write to Ostrander & Pell").pressSequentially(NOTE);
        client.reload();
        assertThat(client.getByLabel("Write to Ostrander & Pell")).hasValue(NOTE);
        links(advisor.page())
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("End the link"))
                .click();
        assertThat(links(advisor.page())).containsText("Ended");
        client.reload();
        assertThat(client.getByRole(AriaRole.HEADING)).hasText("This page has ended");
        assertThat(client.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Your note")))
                .containsText(NOTE);
        client.navigate(address.substring(0, address.indexOf('#')) + "#nothing-of-this-kind");
        assertThat(client.getByRole(AriaRole.HEADING)).hasText("There is no page here");
    }

    /** Has a link made, with a word to type or none. */
    static String link(Advisor advisor, String word) {
        advisor.view("Hand-out").waitUntilSaved();
        Page page = advisor.page();
        page.getByLabel("Word to type").fill(word);
        advisor.press("Make a link");
        return page.getByTestId("client-address").textContent();
    }

    private static Locator links(Page page) {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Links to the client’s page"));
    }

    private static Locator said(Page page) {
        return page.getByRole(AriaRole.MAIN);
    }
}
