package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Whether the rent carries the loan, and figures from outside. */
class RentalTest extends Journey {

    @Test
    void worksWithALittleMoreDown() throws IOException {
        Advisor advisor = opened("Let, a little more down");
        Page page = advisor.page();
        assertThat(page.getByTestId("cover")).hasText("1.12 times");
        assertThat(advisor.answer()).containsText("then lends up to 200,130 at 7\u202f%, 74.56\u202f% of the value");
        assertThat(advisor.answer()).containsText("1,170 short of this loan");
        assertThat(page.getByRole(AriaRole.NAVIGATION)).containsText("covered 1.12 times");

        Locator ways = list(page, "Ways to make it work");
        assertThat(ways).containsText("A rent of 1,983.56 a month instead of 1,975");
        button(ways, "^Apply ?: A loan of 200,130").click();
        assertThat(advisor.answer()).containsText("enough for this loan");
        assertThat(ways).containsText("A loan of up to 200,130");
        Locator lentAt = page.getByTestId("lent-at");
        assertThat(lentAt).containsText("lends this loan at 7\u202f%, with 0.25\u202f% added");
        advisor.press("Take that rate");
        assertThat(lentAt).hasText(Pattern.compile("^Of its rate of 7\u202f% a programme added 0.25\u202f%."));
        assertThat(page.getByTestId("cover")).hasText(Pattern.compile("^1\\.10\\d* times$"));
        assertThat(advisor.answer()).containsText("enough for this loan");
        advisor.press("Nothing is added");
        // A quarter is added to seven percent then, which the rent does not carry.
        assertThat(advisor.answer()).containsText("short of this loan");
        advisor.press("Undo");
        advisor.press("Undo");
        advisor.press("Undo");
        assertThat(advisor.answer()).containsText("1,170 short of this loan");

        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add as option, long-term at 1,840"))
                .click();
        assertThat(page.getByRole(AriaRole.TAB)).hasCount(3);
        // What the band has added to the rate is not added again.
        assertThat(advisor.answer()).containsText("enough for this loan");
        advisor.view("Loan");
        assertThat(advisor.figure(Field.RATE)).hasValue("7.25\u202f%");
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).hasValue("187,880");
        assertThat(advisor.sentence()).contains("let long-term for 1,975 a month.");
        advisor.waitUntilSaved();
        page.reload();
        advisor.view("Rental");
        assertThat(advisor.answer()).containsText("enough for this loan");
    }

    @Test
    void readsCurvesAndTheOwnersOwnFigures() throws IOException {
        Advisor advisor = opened("Let, read");
        Page page = advisor.page();
        assertThat(page.getByTestId("cash-flow")).hasText("−169.86");
        page.getByLabel("Vacancy in percent of the rent").fill("0");
        page.keyboard().press("Tab");
        assertThat(page.getByTestId("cash-flow")).hasText("−71.11");
        Locator curve = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Cover by rent"));
        assertThat(curve).hasAttribute("aria-valuetext", "1,975: 1.12 times");
        curve.focus();
        page.keyboard().press("End");
        assertThat(curve).hasAttribute("aria-valuetext", "2,765: 1.56 times");
        advisor.press("Show table of Cash flow by year");
        assertThat(page.getByRole(
                                AriaRole.REGION,
                                new Page.GetByRoleOptions()
                                        .setName("Cash flow by year, as a table")
                                        .setExact(true))
                        .getByRole(AriaRole.ROW))
                .hasCount(31);
    }

    @Test
    void takesAnEstimateUntilTheRealFigureIsThere() throws IOException {
        Advisor advisor = opened("Let, estimated");
        Page page = advisor.page();
        Locator mark = page.getByTestId("estimate");
        advisor.press("Estimate the rent…");
        Locator offer = list(page, "Estimate the rent");
        assertThat(offer).containsText("lettings within");
        assertThat(offer).containsText("simulated");
        // What was answered for another home is no answer for this one.
        page.getByLabel("Baths").fill("1.5");
        page.keyboard().press("Tab");
        assertThat(offer).hasCount(0);
        advisor.press("Estimate the rent…");
        button(offer, "^Use it").click();
        assertThat(mark).containsText("Simulated estimate");
        assertThat(mark).containsText("Simulated letting agent");
        assertThat(advisor.answer()).containsText("(simulated estimate) a month");
        assertThat(page.getByTestId("cover")).not().hasText("1.12 times");
        advisor.waitUntilSaved();
        page.reload();
        assertThat(mark).containsText("Simulated estimate");
        rent(page).fill("2,000");
        page.keyboard().press("Tab");
        assertThat(mark).hasCount(0);
        assertThat(page.getByTestId("cover")).hasText("1.13 times");

        advisor.view("Loan");
        advisor.press("Change");
        advisor.press("Estimate the property tax…");
        button(list(page, "Estimate the property tax"), "^Use it").click();
        assertThat(page.getByTestId("month-Property tax").locator("xpath=..")).containsText("simulated estimate");
        advisor.press("Close");
        advisor.view("Rental");
        assertThat(page.getByTestId("estimated-costs")).hasText("Property tax: simulated estimate.");
        advisor.view("Loan");
        advisor.press("Change");
        advisor.cost("Property tax").fill("3,100");
        page.keyboard().press("Tab");
        assertThat(page.getByTestId("month-Property tax").locator("xpath=.."))
                .not()
                .containsText("estimate");
    }

    @Test
    void goesOnWhenNobodyAnswers() throws IOException {
        Advisor advisor = opened("Let, nobody answers");
        Page page = advisor.page();
        area(page, "down");
        advisor.press("Estimate the rent…");
        assertThat(page.getByRole(AriaRole.ALERT))
                .hasText("The letting agent does not answer. Type the figure, or ask again later.");
        area(page, "slow");
        advisor.press("Estimate the value…");
        Locator stop = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Stop asking"));
        stop.click();
        assertThat(stop).hasCount(0);
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Estimate the value…")))
                .isVisible();
        rent(page).fill("300,000");
        page.keyboard().press("Tab");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("above the price of 268,400.00");
        rent(page).fill("2,140");
        page.keyboard().press("Tab");
        assertThat(advisor.answer()).containsText("enough for this loan");
    }

    @Test
    void aHomeIsSaidToBeToLet() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("To let or not", "");
        Page page = advisor.page();
        advisor.view("Rental");
        assertThat(page.getByText("This home is not let.")).isVisible();
        advisor.press("It is to let");
        assertThat(page.getByRole(AriaRole.NAVIGATION)).containsText("no rent yet");
        rent(page).fill("1,850");
        page.keyboard().press("Tab");
        assertThat(page.getByRole(AriaRole.NAVIGATION)).containsText(Pattern.compile("covered \\d"));
        advisor.choose("How it is let", "short-term");
        assertThat(advisor.answer()).containsText("the rent covers what goes out");
        advisor.view("Loan");
        assertThat(advisor.sentence()).contains("let short-term for 1,850 a month.");
        advisor.and("Not to let");
        assertThat(advisor.sentence()).doesNotContain("let short-term");
    }

    @Test
    void testsABritishLetHomeByInterestCover() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("11 Ropewalk Terrace, to let");
        advisor.view("Rental");
        Page page = advisor.page();
        assertThat(advisor.answer()).containsText("of the interest at 7.14\u202f%");
        assertThat(page.getByTestId("cover")).hasText("151.50\u202f%");
        assertThat(advisor.answer()).containsText("Harbour Mutual, let to tenants");
        assertThat(list(page, "Ways to make it work")).not().containsText("term");
    }

    /** The demo's let home as a case of this journey's own. */
    private Advisor opened(String title) throws IOException {
        ObjectNode document = (ObjectNode) new JsonMapper()
                .readTree(Files.readString(
                        Path.of("..", "server", "src", "main", "resources", "demo", "chandlers-reach.json")));
        document.put("title", title);
        document.withObject("/letting").putNull("programme");
        Advisor advisor = someone().signIn(Advisor.EMAIL).openOptionsOf(document.toString());
        advisor.view("Rental");
        assertThat(advisor.page().getByTestId("cover")).isVisible();
        return advisor;
    }

    private static Locator rent(Page page) {
        return page.getByLabel("Rent a month", new Page.GetByLabelOptions().setExact(true));
    }

    private static void area(Page page, String area) {
        page.getByLabel("Postal area").fill(area);
        page.keyboard().press("Tab");
    }

    private static Locator button(Locator within, String name) {
        return within.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile(name)));
    }

    private static Locator list(Page page, String name) {
        return page.getByRole(
                AriaRole.LIST, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
