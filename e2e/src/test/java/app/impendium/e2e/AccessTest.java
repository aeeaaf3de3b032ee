package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every view, in both looks and at both ends of width, checked by machine against WCAG. */
class AccessTest extends Journey {

    /** All that is found in any view is told at once. */
    private final SoftAssertions barriers = new SoftAssertions();

    @ParameterizedTest
    @CsvSource({"LIGHT, 1280", "DARK, 390"})
    void hasNoBarrierAndNoSidewaysScrolling(ColorScheme look, int width) {
        Advisor advisor = someone(new NewContextOptions()
                .setColorScheme(look)
                .setReducedMotion(ReducedMotion.REDUCE)
                .setViewportSize(width, 800));
        Page page = advisor.page();
        page.navigate("/");
        assertThat(page.getByLabel("Email")).isVisible();
        check(page, "sign-in");

        advisor.signIn(Advisor.EMAIL);
        assertThat(page.getByTestId("listed")).isVisible();
        check(page, "cases");
        advisor.press("New case");
        assertThat(page.getByLabel("Case name")).isVisible();
        check(page, "new case");
        page.keyboard().press("Escape");

        advisor.open("14 Quarry Lane");
        check(page, "loan");
        advisor.press("Show table");
        check(page, "loan with its rates as a table");
        advisor.press("Show table of the monthly cost over time");
        check(page, "loan with its months as a table");
        page.getByRole(AriaRole.TAB).nth(1).click();
        check(page, "an option that differs");
        advisor.total("PAYMENT").click();
        assertThat(page.getByTestId("working-result")).isVisible();
        check(page, "a working");
        advisor.press("Close");
        advisor.press("Set a target");
        assertThat(page.getByTestId("lever-PRICE")).isVisible();
        check(page, "a target");
        page.getByTestId("lever-PRICE").getByRole(AriaRole.BUTTON).first().click();
        assertThat(page.getByTestId("working-result")).isVisible();
        check(page, "the working of a target's answer");
        page.keyboard().press("Escape");
        assertThat(page.getByTestId("working-result")).hasCount(0);
        advisor.press("Close");
        advisor.view("Lifeline");
        page.getByTestId("schedule")
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("2030").setExact(true))
                .click();
        advisor.find("13 to 24");
        check(page, "lifeline");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("balance"))
                .click();
        check(page, "lifeline by its balance");
        advisor.view("Loan");
        advisor.press("Change");
        check(page, "costs");
        advisor.press("Close");
        advisor.say(Field.TERM, "400");
        assertThat(advisor.saved()).hasText("Not saved: fix the marked entry");
        check(page, "loan with a bad entry");
        page.getByTestId("month-total").focus();
        page.keyboard().press("?");
        assertThat(advisor.heading("Keyboard shortcuts")).isVisible();
        check(page, "keys");
        page.keyboard().press("Escape");
        advisor.toCases();
        advisor.press("Filter");
        page.getByLabel("Choose 22 Harrow Court").check();
        check(page, "the list of cases, filtered and chosen from");
        page.navigate("/clients");
        page.getByText("clients may be kept twice").click();
        check(page, "clients");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Adaeze Thornbury"))
                .click();
        assertThat(advisor.heading("Adaeze Thornbury")).isVisible();
        advisor.press("Give a case…");
        check(page, "a client");
        page.navigate("/practice/log");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Log")))
                .isVisible();
        check(page, "the log");
        advisor.toCases();
        advisor.open("8 Bellfounder Close");
        advisor.view("Options");
        assertThat(page.getByRole(AriaRole.GRID)).isVisible();
        check(page, "options");
        advisor.press("As table");
        check(page, "options over time as a table");
        advisor.column("Baseline").click();
        advisor.item("Edit its sentence");
        check(page, "an option's sentence among the others");
        advisor.alternative("A seller’s credit, three ways…");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Ways to use the credit")))
                .isVisible();
        check(page, "a seller's credit");
        advisor.press("Close");
        advisor.alternative("From the rate table…");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Rates offered")))
                .isVisible();
        check(page, "the rates offered");
        advisor.press("Close");
        advisor.toCases();
        advisor.open("22 Harrow Court");
        advisor.view("Affordability");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Ways to make it fit")))
                .isVisible();
        check(page, "affordability");
        advisor.press("Paste debts…");
        advisor.press("Take these lines");
        advisor.press("Ask a simulated underwriting desk");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Conditions")))
                .isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("wage, field by field"))
                .click();
        check(page, "affordability with its details");
        advisor.press("Pre-approval summary…");
        check(page, "a pre-approval summary");
        page.keyboard().press("Escape");
        advisor.toCases();
        advisor.open("Saltmarsh Walk 2, by the night");
        advisor.view("Rental");
        assertThat(page.getByTestId("cover")).isVisible();
        check(page, "rental");
        advisor.press("Estimate the rent…");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Estimate the rent")))
                .isVisible();
        advisor.press("Show table of Cover by rent");
        check(page, "rental with an estimate and a table");
        advisor.view("Hand-out");
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Preview")))
                .not()
                .hasAttribute("aria-busy", "true");
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Preview"))
                .scrollIntoViewIfNeeded();
        assertThat(page.locator("[data-drawn]").first()).isVisible();
        String address = ClientPageTest.link(advisor, "grey heron");
        check(page, "hand-out");
        page.navigate(address);
        page.getByLabel("Type the word that your advisor gave you.").fill("grey goose");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("This is not the word.");
        check(page, "a client's page that asks for its word");
        page.getByLabel("Type the word that your advisor gave you.").fill("grey heron");
        page.keyboard().press("Enter");
        page.getByLabel("Yearly rate").fill("5.5");
        page.keyboard().press("Tab");
        assertThat(page.getByText("Changed by you.")).isVisible();
        assertThat(page.locator("[aria-busy=true]")).hasCount(0);
        check(page, "a client's page");
        page.navigate("/cases");
        advisor.open("14 Quarry Lane");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("History").setExact(true))
                .click();
        page.getByText("Look at the state of").first().click();
        assertThat(page.getByText("Show it as a document")).isVisible();
        check(page, "history");
        page.navigate("/practice/hand-outs");
        advisor.press("Edit First meeting");
        check(page, "letterhead and templates");
        page.navigate("/practice/programmes");
        advisor.press("Edit Fernside Bank, let homes");
        advisor.press("History of Harbour Mutual, let to tenants");
        assertThat(page.getByRole(
                        AriaRole.LIST,
                        new Page.GetByRoleOptions().setName("History of Harbour Mutual, let to tenants")))
                .isVisible();
        check(page, "programmes");
        page.navigate("/practice/rates");
        assertThat(page.getByText("30-year fixed").first()).isVisible();
        check(page, "rates");
        advisor.press("Edit 30-year fixed");
        advisor.press("Paste or open CSV…");
        check(page, "a rate table");
        page.navigate("/practice/limits");
        advisor.press("Edit VA");
        advisor.press("History of Conventional");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("History of Conventional")))
                .isVisible();
        check(page, "limits");
        page.navigate("/cases");
        advisor.begin("Seen by two, " + look, "");
        Advisor colleague = someone().signIn(Advisor.COLLEAGUE).open("Seen by two, " + look);
        page.context().setOffline(true);
        advisor.say(Field.TERM, "20").say(Field.RATE, "5");
        colleague.say(Field.TERM, "15").say(Field.RATE, "4").waitUntilSaved();
        page.context().setOffline(false);
        assertThat(page.getByRole(AriaRole.ALERTDIALOG).getByRole(AriaRole.RADIO))
                .hasCount(4);
        check(page, "two states that conflict");
        advisor.press("Go on with these");
        advisor.waitUntilSaved();
        page.navigate("/practice");
        assertThat(advisor.heading("Practice")).isVisible();
        check(page, "practice");
        page.navigate("/practice/people");
        advisor.press("Edit Tobias Pell");
        advisor.press("New password link");
        assertThat(page.getByTestId("password-address")).isVisible();
        check(page, "people");
        page.navigate("/account");
        page.getByLabel("Your password").fill(Advisor.PASSWORD);
        advisor.press("Set it up");
        assertThat(page.getByTestId("secret")).isVisible();
        check(page, "one's account");
        page.navigate("/set-up");
        assertThat(advisor.heading("Set up a practice")).isVisible();
        check(page, "setting up a practice");
        page.navigate("/password#nothing");
        assertThat(page.getByText("This link was used, has ended")).isVisible();
        check(page, "a link to choose a password that is good no more");
        page.navigate("/cases/nowhere/at/all");
        assertThat(advisor.heading("Page not found")).isVisible();
        check(page, "what is not there");
        page.navigate("/figures.html");
        check(page, "figures explained");
        barriers.assertAll();
    }

    /** What stands in someone's way, each with its place; small targets are looked for too, which is off as a rule. */
    private static final String BARRIERS = """
            () => axe
              .run(document, { resultTypes: ['violations'], rules: { 'target-size': { enabled: true } } })
              .then(({ violations }) =>
                violations.flatMap(({ id, nodes }) => nodes.map(({ target }) => `${id} at ${target}`)))
            """;

    private void check(Page page, String view) {
        if (page.evaluate("'axe' in window").equals(false)) {
            page.evaluate(AxeBuilder.getAxeScript());
        }
        barriers.assertThat((List<?>) page.evaluate(BARRIERS))
                .as("barriers in " + view)
                .isEmpty();
        barriers.assertThat(
                        page.evaluate("document.documentElement.scrollWidth <= document.documentElement.clientWidth"))
                .as("no sideways scrolling in " + view)
                .isEqualTo(true);
    }
}
