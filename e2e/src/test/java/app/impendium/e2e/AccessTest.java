package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every view, in both looks and at both ends of width, checked by machine against WCAG. */
class AccessTest extends Journey {

    @ParameterizedTest
    @CsvSource({"LIGHT, 1280", "DARK, 1280", "LIGHT, 390", "DARK, 390"})
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
        assertThat(page.getByText("Lot 6, Cinder Hill")).isVisible();
        check(page, "cases");
        advisor.press("Begin a case");
        check(page, "begin a case");
        page.keyboard().press("Escape");

        advisor.open("14 Quarry Lane");
        check(page, "loan");
        advisor.press("As a table");
        check(page, "loan with its rates as a table");
        page.getByRole(AriaRole.TAB).nth(1).click();
        check(page, "an option that differs");
        advisor.total("Each payment").click();
        assertThat(page.getByTestId("working-result")).isVisible();
        check(page, "a working");
        advisor.press("Close");
        advisor.press("At most…");
        assertThat(page.getByTestId("lever-PRICE")).isVisible();
        check(page, "a wish");
        page.getByTestId("lever-PRICE").getByRole(AriaRole.BUTTON).first().click();
        assertThat(page.getByTestId("working-result")).isVisible();
        check(page, "the working of a wish's answer");
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
        advisor.view("Loan");
        advisor.press("Change");
        check(page, "costs");
        advisor.press("Close");
        advisor.say("Term", "400");
        assertThat(advisor.saved()).hasText("Not saved: an entry needs mending");
        check(page, "loan with a bad entry");
        page.locator("body").press("?");
        check(page, "keys");
        page.navigate("/practice");
        assertThat(advisor.heading("Practice")).isVisible();
        check(page, "practice");
        page.navigate("/figures.html");
        check(page, "figures explained");
    }

    private static void check(Page page, String view) {
        assertThat(new AxeBuilder(page).analyze().getViolations())
                .as("barriers in " + view)
                .flatExtracting(rule -> rule.getNodes().stream()
                        .map(node -> rule.getId() + " at " + node.getTarget())
                        .toList())
                .isEmpty();
        assertThat(page.evaluate("document.documentElement.scrollWidth <= document.documentElement.clientWidth"))
                .as("no sideways scrolling in " + view)
                .isEqualTo(true);
    }
}
