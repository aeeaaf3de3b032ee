package app.impendium.e2e;

import static app.impendium.core.GoldenCases.cents;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.math.BigDecimal;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Which way costs least for as long as they keep it. */
class OptionsOverTimeTest extends Journey {
    /** Golden cases of monthly options, with ties broken by order, home costs that count, and runs that begin late. */
    private static final List<String> SHOWN = List.of("options-02", "options-07", "options-10", "options-11");

    @Test
    void saysThatOptionsAreNotOfTheSameHomeAndMakesThemSo() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Two homes", "");
        advisor.view("Options").alternative("15 years instead of 30 years");
        Page page = advisor.page();
        Locator differences = page.getByRole(
                AriaRole.LIST, new Page.GetByRoleOptions().setName("What differs besides the financing"));
        assertThat(advisor.answer()).containsText("costs least");
        assertThat(differences).not().isVisible();

        advisor.column("15 years").click();
        advisor.item("Edit its sentence");
        advisor.say(Field.PRICE, "440,000");
        assertThat(differences)
                .containsText("These are not at the same price: 400,000.00 in the baseline and 440,000.00 in");
        advisor.press("Set 400,000.00 for all");

        assertThat(differences).not().isVisible();
        assertThat(advisor.figure(Field.PRICE)).hasValue("400,000");
        advisor.waitUntilSaved();
        page.reload();
        assertThat(advisor.answer()).containsText("costs least");
        assertThat(differences).not().isVisible();
    }

    @Test
    void answersANewUserFromAnEmptyCase() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Nine years", "");
        advisor.view("Options");
        assertThat(advisor.answer()).containsText("this loan costs");
        assertThat(advisor.answer()).containsText("and the balance left.");
        assertThat(advisor.page().getByText("Add an option to see which costs least"))
                .isVisible();

        advisor.alternative("15 years instead of 30 years");
        advisor.alternative("40 years instead of 30 years");
        advisor.keepFor("9 years");

        assertThat(advisor.answer()).containsText("15 years costs least:");
        assertThat(advisor.answer()).containsText("more a month.");
        assertThat(advisor.page().getByTestId("spoken")).containsText("Kept for 9 years, 15 years costs least:");
        assertThat(advisor.row("KEPT_COST")).hasCount(3);
        assertThat(advisor.row("KEPT_COST").nth(1)).containsText("✓ lowest");
        assertThat(advisor.page().getByRole(AriaRole.NAVIGATION)).containsText("3, best: 15 years");
        advisor.keepFor("90 months");
        assertThat(advisor.stay()).hasValue("7 years 6 months");
        advisor.stay().press("ArrowUp");
        assertThat(advisor.stay()).hasValue("8 years 6 months");
        advisor.keepFor("for good");
        assertThat(advisor.page().getByRole(AriaRole.ALERT)).containsText("such as 7 years, 90 months or Jun 2034");
        advisor.stay().press("Escape");
        advisor.waitUntilSaved();
    }

    @ParameterizedTest
    @MethodSource("shown")
    void showsWhatTheGoldenOptionsCost(GoldenCase golden) {
        JsonNode expected = golden.expect();
        JsonNode costs = expected.get("costs");
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        advisor.openOptionsOf(GoldenOptionsDocument.of(
                golden.name(), golden.input(), costs.get(0).get("months").asInt()));
        for (int each : new int[] {4, 6, 9 /* the whole life, which the chart then reaches */}) {
            JsonNode byOption = costs.get(each).get("byOption");
            advisor.keepFor(costs.get(each).get("months").asInt() + " months");
            for (int option = 0; option < byOption.size(); option++) {
                assertThat(advisor.row("KEPT_COST").nth(option)).containsText(written(byOption.get(option)));
            }
        }
        JsonNode stays = expected.get("staysAtOrUnderBaselineFromMonth");
        for (int i = 0; i < stays.size(); i++) {
            assertThat(advisor.row("STAYS_FROM").nth(i + 1))
                    .containsText(
                            stays.get(i).isNull()
                                    ? "never for good"
                                    : stays.get(i).asInt() == 1
                                            ? "at once"
                                            : "from month " + stays.get(i).asInt());
        }
        JsonNode runs = expected.get("cheapest");
        Locator band = advisor.page().getByTestId("cost-band").locator("li");
        assertThat(band).hasCount(runs.size());
        for (int i = 0; i < runs.size(); i++) {
            assertThat(band.nth(i))
                    .hasAttribute("data-from", runs.get(i).get("fromMonth").asString());
            assertThat(band.nth(i))
                    .hasAttribute("data-to", runs.get(i).get("toMonth").asString());
            assertThat(band.nth(i))
                    .containsText("Option " + runs.get(i).get("option").asInt());
        }
    }

    static Stream<GoldenCase> shown() {
        return GoldenCases.of("options").filter(golden -> SHOWN.contains(golden.name()));
    }

    private static String written(JsonNode amount) {
        return String.format(java.util.Locale.US, "%,.2f", BigDecimal.valueOf(cents(amount), 2));
    }

    @Test
    void isReadByPointerByKeysAsATableAndAsAFile() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("8 Bellfounder Close");
        advisor.view("Options");
        Page page = advisor.page();
        Locator marker = page.getByTestId("cost-marker");
        marker.focus();
        marker.press("ArrowRight");
        assertThat(advisor.stay()).hasValue("5 years 1 month");
        marker.press("PageUp");
        assertThat(marker).hasAttribute("aria-valuetext", Pattern.compile("6 years 1 month: Credit for points −.*"));
        assertThat(advisor.answer()).containsText("Credit for points costs least");
        page.keyboard().press("Control+z");
        assertThat(advisor.stay()).hasValue("5 years");

        Locator line = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Lines of the chart"))
                .getByRole(AriaRole.BUTTON)
                .first();
        line.click();
        assertThat(line).hasAttribute("aria-pressed", "false");
        page.getByTestId("cost-picture").hover();
        assertThat(page.getByTestId("cost-chart")).containsText("kept 5 years");
        advisor.press("As table");
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Cost by how long it is kept")))
                .containsText("5 years 10 months");
        advisor.press("Chart… options over time");
        org.assertj.core.api.Assertions.assertThat(
                        page.waitForDownload(() -> advisor.item("Save as SVG")).suggestedFilename())
                .isEqualTo("8 Bellfounder Close options over time.svg");
    }

    @Test
    void sortsRenamesAndEditsColumnsInPlace() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Columns", "");
        advisor.view("Options").alternative("15 years instead of 30 years");
        advisor.alternative("25 years instead of 30 years");
        Page page = advisor.page();
        advisor.column("25 years").focus();
        page.keyboard().press("Alt+ArrowLeft");
        assertThat(page.getByTestId("columns").getByRole(AriaRole.COLUMNHEADER).nth(1))
                .containsText("25 years");
        advisor.column("25 years").click();
        advisor.item("Make baseline");
        assertThat(advisor.column("Baseline")).isVisible();
        assertThat(advisor.column("30 years")).isVisible();

        advisor.column("15 years").click();
        advisor.item("Edit its sentence");
        advisor.say(Field.RATE, "4.9");
        assertThat(advisor.column("15 years, 4.9")).isVisible();
        advisor.say(Field.DOWN_PAYMENT, "9,000k");
        assertThat(page.getByTestId("columns")).containsText("leaves nothing to borrow");
        assertThat(advisor.row("KEPT_COST").nth(0)).containsText(Pattern.compile("\\d"));
        assertThat(advisor.saved()).hasText("Not saved: fix the marked entry");
        advisor.say(Field.DOWN_PAYMENT, "22%");
        advisor.press("Done");
        advisor.column("15 years").click();
        advisor.item("Rename");
        page.getByLabel("Name of the option").fill("Faster");
        page.keyboard().press("Enter");
        assertThat(advisor.column("Faster")).isVisible();

        page.getByLabel("Conclusion, in your own words").fill("Faster, if the month allows.");
        page.getByLabel("Conclusion, in your own words").blur();
        advisor.waitUntilSaved();
        page.reload();
        assertThat(page.getByLabel("Conclusion, in your own words")).hasValue("Faster, if the month allows.");
        advisor.row("KEPT_COST").nth(1).getByRole(AriaRole.BUTTON).click();
        assertThat(page.getByTestId("working-result")).isVisible();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Cash to close");
    }

    @Test
    void countsInTodaysMoneyAndAfterTaxReliefOnlyWhereItSaysSo() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Today's money", "");
        advisor.view("Options").alternative("15 years instead of 30 years");
        String asPaid = advisor.row("KEPT_COST").nth(0).textContent();
        advisor.page().getByText("today’s money").click();
        assertThat(advisor.answer()).containsText("In today’s money at 3\u202f%.");
        assertThat(advisor.row("KEPT_COST").nth(0)).not().hasText(asPaid);
        advisor.page().getByText("tax relief").click();
        assertThat(advisor.answer()).containsText("with 20\u202f% tax relief on interest.");
        advisor.waitUntilSaved();
        advisor.page().reload();
        assertThat(advisor.answer()).containsText("In today’s money");
        advisor.press("turn off today’s money").press("turn off tax relief");
        assertThat(advisor.row("KEPT_COST").nth(0)).hasText(asPaid);
    }

    @Test
    void showsOneColumnAtATimeOnAPhone() {
        Advisor advisor = someone(new com.microsoft.playwright.Browser.NewContextOptions().setViewportSize(390, 844))
                .signIn(Advisor.EMAIL)
                .open("31 Tannery Row");
        advisor.view("Options");
        assertThat(advisor.row("KEPT_COST")).hasCount(1);
        advisor.press("Next option");
        assertThat(advisor.column("1.375 points")).isVisible();
        assertThat(advisor.row("KEPT_COST")).containsText(Pattern.compile("[+−]"));
        assertThat(advisor.page().getByTestId("cost-band")).isVisible();
    }

    @Test
    void choosesTheRowsOnceForThePractice() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("31 Tannery Row");
        advisor.view("Options");
        assertThat(advisor.row("LOAN_TO_VALUE")).hasCount(0);
        toggleRow(advisor, "Loan-to-value");
        assertThat(advisor.row("LOAN_TO_VALUE")).hasCount(3);
        Advisor colleague = someone().signIn("tobias@ostrander-pell.example").open("8 Bellfounder Close");
        colleague.view("Options");
        assertThat(colleague.row("LOAN_TO_VALUE").nth(0)).containsText("85.00");
        toggleRow(advisor, "Loan-to-value");
        assertThat(advisor.row("LOAN_TO_VALUE")).hasCount(0);
    }

    private static void toggleRow(Advisor advisor, String row) {
        advisor.press("Rows…");
        advisor.page()
                .getByRole(AriaRole.MENUITEMCHECKBOX, new Page.GetByRoleOptions().setName(row))
                .click();
        advisor.page().keyboard().press("Escape");
    }
}
