package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** What an advisor does in a browser, in the words of the screens. */
final class Advisor {
    static final String EMAIL = "bea@ostrander-pell.example";
    static final String COLLEAGUE = "tobias@ostrander-pell.example";
    static final String PASSWORD = "lantern-harbour-42";

    private final Page page;

    Advisor(Page page) {
        this.page = page;
    }

    Page page() {
        return page;
    }

    Advisor signIn(String email) {
        page.navigate("/");
        page.getByLabel("Email").fill(email);
        page.getByLabel("Password").fill(PASSWORD);
        press("Sign in");
        assertThat(heading("Cases")).isVisible();
        return this;
    }

    Advisor open(String title) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(title))
                .click();
        assertThat(figure("Loan amount")).isVisible();
        return this;
    }

    Advisor begin(String title, String clients) {
        press("Begin a case");
        page.getByLabel("What shall it be called?").fill(title);
        page.getByLabel("Who is it for?").fill(clients);
        page.getByLabel("Who is it for?").press("Enter");
        assertThat(figure("Loan amount")).isVisible();
        return this;
    }

    /** Types over a figure of the sentence and goes on to the next. */
    Advisor say(String figure, String text) {
        figure(figure).selectText();
        page.keyboard().type(text);
        page.keyboard().press("Tab");
        return this;
    }

    Advisor press(String button) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(button).setExact(true))
                .click();
        return this;
    }

    Locator figure(String label) {
        return page.getByTestId("sentence").getByLabel(label);
    }

    Locator month() {
        return page.getByTestId("month-total");
    }

    Locator total(String name) {
        return page.getByTestId("total-" + name);
    }

    Locator saved() {
        return page.getByTestId("saved");
    }

    Locator heading(String name) {
        return page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    void waitUntilSaved() {
        assertThat(saved()).hasText(java.util.regex.Pattern.compile("Saved \\d\\d:\\d\\d"));
    }
}
