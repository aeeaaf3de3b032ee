package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Clients come with their cases, are found and reached, and doubles are made one. */
class ClientsTest extends Journey {

    @Test
    void ofANameWithACommaItIsAskedWhetherItIsOneClient() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        Page page = advisor.page();
        advisor.press("New case");
        page.getByLabel("Case name").fill("2 Thistle Weir");
        Locator clients = page.getByLabel("Clients", new Page.GetByLabelOptions().setExact(true));
        clients.pressSequentially("Thistle, Runa", new Locator.PressSequentiallyOptions().setDelay(60));
        Locator asked =
                page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("One client or several"));
        assertThat(asked.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("One client")))
                .isChecked();
        clients.fill("");
        clients.pressSequentially("Runa Thistle, Odo Weir", new Locator.PressSequentiallyOptions().setDelay(60));
        assertThat(asked.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("2 clients")))
                .isChecked();
        clients.press("Enter");
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).isVisible();

        page.navigate("/clients");
        page.getByPlaceholder("Search by name, phone or address").fill("odo weir");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Odo Weir"))
                .click();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("2 Thistle Weir")))
                .isVisible();
    }

    @Test
    void twoPeopleWhoAreTypedIntoACaseAreOfferedAsTwoClients() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("3 Thistle Weir", "");
        Page page = advisor.page();
        Locator clients = page.getByLabel("Clients", new Page.GetByLabelOptions().setExact(true));
        clients.pressSequentially("Bo Thistle, Una W", new Locator.PressSequentiallyOptions().setDelay(60));
        // A rest within a name has half of it saved: what is split then is the whole name all the same.
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("2 clients?")))
                .isVisible();
        clients.pressSequentially("eir", new Locator.PressSequentiallyOptions().setDelay(60));
        clients.press("Enter");
        advisor.press("2 clients?");
        assertThat(page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Una Weir").setExact(true)))
                .isVisible();
        page.reload();
        assertThat(page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Bo Thistle").setExact(true)))
                .isVisible();
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("2 clients?")))
                .hasCount(0);
    }

    @Test
    void aClientIsKnownFromTheFirstCaseOnAndFoundByPhone() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("2 Gable End", "Wilma Stroud");
        advisor.waitUntilSaved();
        Page page = advisor.page();
        link(page, "Contact of Wilma Stroud").click();
        assertThat(advisor.heading("Wilma Stroud")).isVisible();
        assertThat(list(page, "Cases")).containsText("2 Gable End");

        exactly(page, "Phone").fill("(555) 555-0133");
        exactly(page, "Notes").fill("Rents until June.");
        exactly(page, "Email").fill("at home");
        exactly(page, "Email").blur();
        assertThat(page.getByText("Type an email, such as ada@example.org.")).isVisible();
        assertThat(page.getByText("Not saved.")).isVisible();
        exactly(page, "Email").fill("wilma@stroud.example");
        exactly(page, "Email").blur();
        assertThat(page.getByText("Type an email, such as ada@example.org.")).hasCount(0);
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("by Bea Ostrander");

        link(page, "All clients").click();
        page.getByLabel("Search clients").fill("555 5550133");
        assertThat(list(page, "Clients").getByRole(AriaRole.LISTITEM)).hasCount(1);
        link(page, "Wilma Stroud").click();
        assertThat(exactly(page, "Notes")).hasValue("Rents until June.");

        advisor.press("New case for them");
        assertThat(page.getByLabel("Clients", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("Wilma Stroud");
        page.getByLabel("Case name").fill("2 Gable End, the garage");
        advisor.press("Create");
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).isVisible();
        link(page, "Contact of Wilma Stroud").click();
        assertThat(list(page, "Cases").getByRole(AriaRole.LISTITEM)).hasCount(2);

        advisor.press("Delete client");
        assertThat(page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("Give the cases")))
                .isVisible();
    }

    @Test
    void whoIsKeptTwiceIsMadeOneAndCasesArePassedOn() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("7 Cooper Row", "Tamsin Voss");
        advisor.waitUntilSaved();
        advisor.toCases().begin("9 Cooper Row", "T. Voss");
        advisor.waitUntilSaved();
        Page page = advisor.page();
        link(page, "Contact of T. Voss").click();
        exactly(page, "Phone").fill("555 0177");
        leave(page, "Phone");

        page.navigate("/clients?search=tamsin");
        link(page, "Tamsin Voss").click();
        advisor.press("Give a case…");
        page.getByLabel("Find a case").fill("weir house");
        advisor.press("Flat 9, Weir House");
        assertThat(list(page, "Cases").getByRole(AriaRole.LISTITEM)).hasCount(2);
        advisor.press("Not theirs Flat 9, Weir House");
        assertThat(list(page, "Cases").getByRole(AriaRole.LISTITEM)).hasCount(1);

        advisor.press("Merge with another…");
        page.getByLabel("Find a client").fill("t. voss");
        advisor.press("T. Voss");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Tamsin Voss takes over all cases of T. Voss");
        advisor.press("Merge");
        assertThat(dialog).hasCount(0);
        // What one of them knew stays when the next field is left.
        assertThat(exactly(page, "Phone")).hasValue("555 0177");
        exactly(page, "Notes").fill("One and the same.");
        leave(page, "Notes");
        page.reload();
        assertThat(exactly(page, "Phone")).hasValue("555 0177");
        assertThat(exactly(page, "Notes")).hasValue("One and the same.");
        assertThat(list(page, "Cases").getByRole(AriaRole.LISTITEM)).hasCount(2);
        page.navigate("/clients?search=t.%20voss");
        assertThat(page.getByText("No name, email, address or phone number contains “t. voss”."))
                .isVisible();
    }

    @Test
    void whoAsksForItIsGivenTheirRecordAndErased() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("5 Tanpit Lane", "Edwin Sorrow");
        advisor.waitUntilSaved();
        Page page = advisor.page();
        link(page, "Contact of Edwin Sorrow").click();
        assertThat(advisor.heading("Edwin Sorrow")).isVisible();
        Download record = page.waitForDownload(() -> advisor.press("Save as JSON"));
        Assertions.assertThat(record.suggestedFilename())
                .startsWith("Edwin Sorrow ")
                .endsWith(".json");

        advisor.press("Erase for good…");
        assertThat(list(page, "These cases go")).hasText("5 Tanpit Lane");
        Locator erase = page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName("Erase for good").setExact(true));
        assertThat(erase).isDisabled();
        page.getByLabel("Type the client’s name").fill("Edwin Sorrow");
        erase.click();
        assertThat(advisor.heading("Clients")).isVisible();

        page.navigate("/practice/log");
        advisor.choose("What they did", "erased");
        assertThat(list(page, "Log").getByRole(AriaRole.LISTITEM).first())
                .containsText("Bea Ostrander erased a client that is gone with 1 case");
        advisor.choose("What they did", "exported");
        assertThat(list(page, "Log").getByRole(AriaRole.LISTITEM).first())
                .containsText("Bea Ostrander exported a client that is gone");
        assertThat(page.getByText("Edwin Sorrow")).hasCount(0);
        advisor.choose("What they did", "any");
        page.waitForDownload(() -> advisor.press("Save as CSV"));
    }

    /** Leaves a field, and waits until what is typed there is saved. */
    private static void leave(Page page, String field) {
        page.waitForResponse(
                answer -> answer.request().method().equals("PUT") && answer.ok(),
                () -> exactly(page, field).blur());
    }

    private static Locator list(Page page, String name) {
        return page.getByRole(
                AriaRole.LIST, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator exactly(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }
}
