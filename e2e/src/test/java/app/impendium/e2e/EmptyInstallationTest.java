package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import org.apache.commons.codec.digest.DigestUtils;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** An installation without a practice leads to its first one, and knows no demo from then on. */
class EmptyInstallationTest {
    private static final String CODE = "HERONSREEDSTARNW";
    private static final String PASSWORD = "quarry-thimble-oboe-77";

    @Test
    void leadsToItsFirstPracticeAndTellsOfNoDemo() {
        try (Playwright playwright = Playwright.create();
                Browser browser = Chromium.launch(playwright);
                ApplicationProcess empty = ApplicationProcess.start(Map.of("IMPENDIUM_DEMO", "false"))) {
            empty.runSql("insert into setup_code (hash, ends_at) values (decode('" + DigestUtils.sha256Hex(CODE)
                    + "', 'hex'), now() + interval '1 hour')");
            try (BrowserContext context = context(browser, empty)) {
                setUp(context.newPage());
            }
            // As it is where a backup of such a database is restored.
            try (ApplicationProcess again = ApplicationProcess.start(
                            Map.of("IMPENDIUM_DATABASE_URL", empty.databaseUrl(), "IMPENDIUM_DEMO", "true"));
                    BrowserContext context = context(browser, again)) {
                Assertions.assertThat(again.log()).noneMatch(line -> line.contains("and opens"));
                signIn(context.newPage());
            }
        }
    }

    private static void setUp(Page page) {
        page.navigate("/");
        assertThat(page.getByText("No practice is set up here yet.")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Set up the first one"))
                .click();
        type(page, "Set-up code", CODE);
        type(page, "Practice", "Heron Reeds");
        type(page, "Your name", "Ida Heron");
        type(page, "Email", "ida@heron-reeds.example");
        type(page, "Password", "impendium1234");
        button(page, "Set up the practice").click();
        assertThat(page.getByText("This password is easy to guess")).isVisible();
        button(page, "Show password").click();
        type(page, "Password", PASSWORD);
        assertThat(exactly(page, "Password")).hasAttribute("type", "text");
        button(page, "Set up the practice").click();
        assertThat(page.getByText("No cases yet. Create the first one.")).isVisible();
        invite(page);
    }

    /** Without a mail server the link is for whoever has the machine, and for no owner to use in somebody's name. */
    private static void invite(Page page) {
        page.navigate("/practice/people");
        button(page, "Invite somebody").click();
        type(page, "Name", "Ivo Reed");
        type(page, "Email", "ivo@heron-reeds.example");
        button(page, "Invite").click();
        assertThat(page.getByText("prints their link: ./impendium password-link ivo@heron-reeds.example"))
                .isVisible();
        assertThat(page.getByTestId("password-address")).hasCount(0);
        page.reload();
        assertThat(page.getByText("Join Heron Reeds in Impendium")).isVisible();
        assertThat(page.getByText("not sent")).isVisible();
    }

    private static void signIn(Page page) {
        page.navigate("/");
        type(page, "Email", Advisor.EMAIL);
        type(page, "Password", Advisor.PASSWORD);
        button(page, "Sign in").click();
        assertThat(page.getByRole(AriaRole.ALERT).last()).not().isEmpty();
        assertThat(page.getByText("No practice is set up here yet.")).hasCount(0);
        type(page, "Email", "ida@heron-reeds.example");
        type(page, "Password", PASSWORD);
        button(page, "Sign in").click();
        assertThat(page.getByText("No cases yet. Create the first one.")).isVisible();
    }

    private static void type(Page page, String label, String text) {
        Locator field = exactly(page, label);
        field.selectText();
        field.pressSequentially(text, new Locator.PressSequentiallyOptions().setDelay(60));
    }

    private static Locator exactly(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static BrowserContext context(Browser browser, ApplicationProcess application) {
        return browser.newContext(new Browser.NewContextOptions().setBaseURL(application.url()));
    }
}
