package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever was computed tells how it is calculated. */
class WorkingTest extends Journey {
    private static final Pattern AMOUNT = Pattern.compile("[−+]?[$£]?(?<digits>[\\d,]+\\.\\d\\d)(?!\\d)[^%]*");

    @Test
    void explainsAFigureFromTheKeyboard() {
        Advisor advisor = someone(
                        new Browser.NewContextOptions().setPermissions(List.of("clipboard-read", "clipboard-write")))
                .signIn(Advisor.EMAIL)
                .open("Lot 6, Cinder Hill");
        Page page = advisor.page();
        advisor.total("PAYMENT").focus();
        page.keyboard().press("w");
        assertThat(page.getByTestId("working-result"))
                .hasText(advisor.total("PAYMENT").textContent());
        assertThat(page.getByText("A half or a quarter of the monthly payment", new Page.GetByTextOptions()))
                .isVisible();
        page.keyboard().press("Escape");
        advisor.total("EFFECTIVE_RATE").click();
        page.getByRole(AriaRole.DIALOG).getByText("Rate per payment, i").waitFor();
        page.keyboard().press("Escape");
        advisor.total("TOTAL_PAID").click();
        advisor.press("Copy as text");
        assertThat(page.getByText("Copied")).isVisible();
        Assertions.assertThat((String) page.evaluate("navigator.clipboard.readText()"))
                .startsWith("Total paid: ")
                .contains("Every payment and extra payment, added up.", "Payment × payments: ");
        Assertions.assertThat(page.locator("a[href^='/figures.html#']").getAttribute("href"))
                .isEqualTo("/figures.html#schedule");
        page.navigate("/figures.html#schedule");
        assertThat(page.locator("#schedule")).isInViewport();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"14 Quarry Lane", "Workshop and flat, Pinfold Yard", "Lot 6, Cinder Hill", "22 Harrow Court"})
    void everyFigureOfTheLoanTellsItself(String title) {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open(title);
        advisor.press("Show table");
        assertThat(advisor.page()
                        .getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Rates as a table"))
                        .getByRole(AriaRole.ROW))
                .hasCount(10);

        Assertions.assertThat(eachTellsItself(advisor.page().locator("#root")))
                .as("figures that opened their own number")
                .isGreaterThan(30);
    }

    @Test
    void everyFigureOfTheLifelineTellsItself() {
        Advisor advisor =
                someone().signIn(Advisor.EMAIL).open("7 Tollgate Rise").view("Lifeline");
        Page page = advisor.page();
        advisor.press("Columns");
        for (String column : List.of("Principal so far", "Equity", "Mortgage insurance")) {
            page.getByRole(AriaRole.MENUITEMCHECKBOX, new Page.GetByRoleOptions().setName(column))
                    .click();
        }
        page.keyboard().press("Escape");
        page.getByTestId("schedule")
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("2028").setExact(true))
                .click();
        advisor.find("13 to 15");
        Locator rows = page.getByTestId("schedule").getByRole(AriaRole.ROW);

        Assertions.assertThat(eachTellsItself(page.getByTestId("marker-reading")))
                .isEqualTo(7);
        Assertions.assertThat(eachTellsItself(page.getByTestId("range-reading")))
                .isEqualTo(4);
        Assertions.assertThat(eachTellsItself(page.getByTestId("reconciliation")))
                .isEqualTo(3);
        for (String row : List.of("Opening balance", "1 to 11", "12 to 23", "payment 13")) {
            Assertions.assertThat(eachTellsItself(rows.filter(new Locator.FilterOptions().setHasText(row))))
                    .as(row)
                    .isGreaterThan(1);
        }
    }

    @Test
    void theSchedulesFiguresAreReachedByKeyboard() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("14 Quarry Lane").view("Lifeline");
        Page page = advisor.page();
        Keyboard keys = page.keyboard();
        advisor.find("118");
        Locator marked = page.getByTestId("schedule").locator("[data-marked]").getByRole(AriaRole.BUTTON);
        marked.first().focus();
        keys.press("Tab");
        assertThat(marked.nth(1)).isFocused();
        keys.press("ArrowRight");
        keys.press("ArrowDown");
        Locator interest = page.locator(":focus");
        assertThat(interest).hasAttribute("data-column", "interest");
        String written = interest.textContent();

        keys.press("w");

        assertThat(page.getByTestId("working-result")).hasText(written);
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("payments 119 to 130");
        keys.press("Escape");
        assertThat(page.locator(":focus")).hasText(written);
    }

    @Test
    void aNumberLeadsToItsOwnWorkingAndBack() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("14 Quarry Lane");
        Page page = advisor.page();
        Locator panel = page.getByRole(AriaRole.DIALOG);
        advisor.month().click();
        panel.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("2,362.72"))
                .click();
        assertThat(panel).containsText("A year’s payments, shared over twelve months.");
        panel.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("2,362.72"))
                .click();
        assertThat(panel).containsText("The same payment each time");
        panel.getByText("Monthly principal and interest").first().click();
        assertThat(panel).containsText("A year’s payments, shared over twelve months.");
        page.keyboard().press("Escape");
        assertThat(advisor.month()).isFocused();
    }

    @Test
    void aWorkingClosesWithItsCase() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("14 Quarry Lane");
        advisor.month().click();
        assertThat(advisor.page().getByTestId("working-result")).isVisible();
        advisor.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Impendium"))
                .click();
        advisor.open("7 Tollgate Rise");
        assertThat(advisor.month()).hasText("$2,187.36");
        assertThat(advisor.page().getByRole(AriaRole.DIALOG)).hasCount(0);
    }

    @Test
    void aFlagTakesTheMarkerAndTellsItself() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("14 Quarry Lane").view("Lifeline");
        Page page = advisor.page();
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Events"))
                .getByText("half paid off")
                .click();
        assertThat(page.getByRole(AriaRole.DIALOG))
                .containsText("The first payment after which the balance is half the loan or less");
        assertThat(page.getByRole(AriaRole.SLIDER)).hasAttribute("aria-valuenow", Pattern.compile("25\\d"));
        assertThat(page.getByTestId("marker-reading"))
                .containsText(page.getByTestId("working-result").textContent());
    }

    @Test
    void aTargetsAnswerTellsWhatOneStepFurtherWouldBe() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("14 Quarry Lane");
        Page page = advisor.page();
        advisor.press("Set a target");
        page.getByLabel("What must be met").fill("at most 2,700 a month");
        Locator rate = page.getByTestId("lever-RATE").getByRole(AriaRole.BUTTON);
        String answer = rate.first().textContent();
        rate.first().click();
        Locator working = page.getByRole(AriaRole.DIALOG)
                .filter(new Locator.FilterOptions().setHas(page.getByTestId("working-result")));
        assertThat(page.getByTestId("working-result")).hasText(answer);
        assertThat(working).containsText("for at most 2,700.00 a month");
        assertThat(working).containsText("Result one step further");
        page.keyboard().press("Escape");
        Assertions.assertThat(eachTellsItself(page.getByTestId("lever-RATE"))).isEqualTo(2);
    }

    /** Opens every computed figure in a place; how many amounts stood in their working as they stood on the page. */
    private static int eachTellsItself(Locator place) {
        Page page = place.page();
        Locator result = page.getByTestId("working-result");
        // Escape closes a panel from when it has the focus.
        Locator panel = page.locator("[role=dialog]:focus-within").filter(new Locator.FilterOptions().setHas(result));
        int amounts = 0;
        for (Locator figure : place.locator(".explained").all()) {
            // A figure in the panel makes way for its working.
            Matcher written = AMOUNT.matcher(figure.textContent());
            figure.click();
            assertThat(panel).isVisible();
            if (written.matches()) {
                assertThat(result).containsText(written.group("digits"));
                amounts++;
            }
            page.keyboard().press("Escape");
            assertThat(result).hasCount(0);
        }
        return amounts;
    }
}
