package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.zip.GZIPOutputStream;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** An advisor finds cases, copies and deletes them, and comes back by an address. */
class CasesTest extends Journey {

    @Test
    void findsWordsInAnyOrderAndWithoutAccents() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("5 Côte Lane", "Zoé Lindqvist");
        advisor.toCases();

        advisor.page().getByLabel("Search cases").fill("zoe cote");

        assertThat(lines(advisor)).hasCount(1);
        assertThat(lines(advisor)).containsText("5 Côte Lane");
        assertThat(advisor.page().getByTestId("listed")).hasText("1 case");
        advisor.page().reload();
        assertThat(advisor.page().getByLabel("Search cases")).hasValue("zoe cote");
        assertThat(lines(advisor)).hasCount(1);
    }

    @Test
    void copiesACaseAndDeletesOneAndUndoesBoth() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Twin Gables", "Ruth Oduya");
        advisor.toCases();
        Page page = advisor.page();
        page.getByLabel("Search cases").fill("twin gables");
        assertThat(lines(advisor)).hasCount(1);

        advisor.press("Duplicate Twin Gables");
        assertThat(status(page)).containsText("“Twin Gables, copy” created from “Twin Gables”.");
        assertThat(lines(advisor)).hasCount(2);
        assertThat(lines(advisor).first()).containsText("Ruth Oduya");
        advisor.press("Undo");
        assertThat(lines(advisor)).hasCount(1);

        advisor.press("Delete Twin Gables");
        assertThat(status(page)).containsText("“Twin Gables” deleted.");
        assertThat(page.getByText("No title or client contains “twin gables”.")).isVisible();
        advisor.press("Undo");
        assertThat(lines(advisor)).hasCount(1);
        advisor.open("Twin Gables");
    }

    @Test
    void putsManyAwayAtOnceAndHasThemBack() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Putaway Mews 1", "Ruth Oduya");
        advisor.toCases().begin("Putaway Mews 2", "Ruth Oduya");
        advisor.toCases();
        Page page = advisor.page();
        page.getByLabel("Search cases").fill("putaway mews");
        assertThat(lines(advisor)).hasCount(2);

        page.getByLabel("Choose Putaway Mews 1").check();
        advisor.press("Choose all listed");
        assertThat(page.getByText("2 chosen")).isVisible();
        advisor.press("Archive them");
        assertThat(status(page)).containsText("2 cases archived.");
        assertThat(lines(advisor)).hasCount(0);
        advisor.choose("Show", "Archived");
        assertThat(lines(advisor)).hasCount(2);
        advisor.press("Delete Putaway Mews 2");
        assertThat(lines(advisor)).hasCount(1);

        advisor.choose("Show", "Deleted");
        assertThat(lines(advisor)).containsText("goes for good on");
        advisor.press("Restore Putaway Mews 2");
        assertThat(lines(advisor)).hasCount(0);
        advisor.choose("Show", "Archived");
        assertThat(lines(advisor)).hasCount(2);
        advisor.open("Putaway Mews 2");
        assertThat(page.getByText("archived", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    void narrowsAndSortsTheListAndKeepsThatInTheAddress() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        Page page = advisor.page();
        page.getByLabel("Search cases").fill("osei");
        assertThat(lines(advisor)).hasCount(1);
        assertThat(lines(advisor)).containsText("First payment Feb 1, 2027");
        assertThat(lines(advisor)).containsText(Pattern.compile("\\d of \\d limit sets met"));
        page.getByLabel("Search cases").fill("");

        advisor.choose("sorted by", "next date");
        advisor.press("Filter");
        advisor.choose("Limits", "none met");
        page.getByLabel("Monthly cost from").fill("2.2k");
        page.getByLabel("Monthly cost from").press("Enter");
        assertThat(lines(advisor).filter(new Locator.FilterOptions().setHasText("22 Harrow Court")))
                .hasCount(1);
        assertThat(lines(advisor).filter(new Locator.FilterOptions().setHasText("7 Tollgate Rise")))
                .hasCount(0);
        assertThat(page).hasURL(Pattern.compile("paymentFromCents=220000"));

        page.reload();
        assertThat(choice(page, "sorted by")).containsText("next date");
        assertThat(page.getByLabel("Monthly cost from")).hasValue("2,200");
        advisor.press("Clear filter");
        assertThat(page).not().hasURL(Pattern.compile("paymentFromCents"));
        // Its next date may lie behind those of more cases than are listed at first.
        page.getByLabel("Search cases").fill("tollgate");
        assertThat(lines(advisor).filter(new Locator.FilterOptions().setHasText("7 Tollgate Rise")))
                .hasCount(1);
    }

    @Test
    void beginsFromATemplateOfThePractice() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        Page page = advisor.page();
        page.getByLabel("Search cases").fill("tollgate");
        assertThat(lines(advisor)).hasCount(1);
        advisor.press("As template 7 Tollgate Rise");
        page.getByLabel("Name of the template").pressSequentially("Five years fixed");
        advisor.press("Keep");
        assertThat(status(page))
                .containsText("“7 Tollgate Rise” kept as the template “Five years fixed”, without its clients.");
        page.getByLabel("Search cases").fill("five years");
        advisor.choose("Show", "Templates");
        assertThat(lines(advisor)).hasCount(1);
        advisor.press("Begin a case from Five years fixed");
        page.getByLabel("Case name").fill("Begun from a template");
        advisor.press("Create");
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).isVisible();
        advisor.view("Affordability");
        assertThat(page.getByText("no income yet").first()).isVisible();

        advisor.toCases();
        advisor.choose("Show", "Templates");
        advisor.press("Delete Five years fixed");
        assertThat(lines(advisor)).hasCount(0);
    }

    @Test
    void saysWhatItCannotDoWithoutAConnection() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Far from the mast", "");
        advisor.toCases();
        Page page = advisor.page();
        page.getByLabel("Search cases").fill("far from the mast");
        assertThat(lines(advisor)).hasCount(1);
        page.context().setOffline(true);

        advisor.press("Delete Far from the mast");
        assertThat(status(page)).containsText("Not done: There is no connection to the server.");
        assertThat(lines(advisor)).hasCount(1);
        // What opens above a case came with the case that was open.
        advisor.press("Bea Ostrander");
        assertThat(page.getByRole(AriaRole.MENU)).isVisible();
    }

    @Test
    void offersToLoadAgainWhatCouldNotBeLoaded() {
        Advisor advisor = someone();
        advisor.page().route("**/assets/AdvisorMenu-*.js", Route::abort);
        advisor.signIn(Advisor.EMAIL).press("Bea Ostrander");
        assertThat(advisor.heading("This page cannot be loaded")).isVisible();

        advisor.page().unroute("**/assets/AdvisorMenu-*.js");
        advisor.press("Try again");
        assertThat(advisor.heading("Cases")).isVisible();
        advisor.press("Bea Ostrander");
        assertThat(advisor.page().getByRole(AriaRole.MENU)).isVisible();
    }

    @Test
    void comesBackToTheOptionAndThePaymentInTheAddress() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("14 Quarry Lane");
        Page page = advisor.page();
        Locator second = page.getByRole(AriaRole.TAB).nth(1);
        second.click();
        assertThat(page).hasURL(Pattern.compile("option="));
        advisor.view("Lifeline").find("118");
        assertThat(page).hasURL(Pattern.compile("payment=118"));

        Advisor elsewhere = advisor.inAnotherTab();

        assertThat(elsewhere.page().getByRole(AriaRole.SLIDER)).hasAttribute("aria-valuenow", "118");
        assertThat(elsewhere.page().getByRole(AriaRole.TAB).nth(1)).hasAttribute("aria-selected", "true");
        elsewhere.view("Loan");
        assertThat(elsewhere.page()).hasURL(Pattern.compile("/cases/[^/]+\\?option="));
    }

    @Test
    void saysWhatIsNotThere() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        advisor.page().navigate("/cases/00000000-0000-4000-8000-000000000000");
        assertThat(advisor.heading("There is no such case in your practice")).isVisible();
        advisor.page().navigate("/cases/14-quarry-lane/nowhere");
        assertThat(advisor.heading("Page not found")).isVisible();
        advisor.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back to cases"))
                .click();
        assertThat(advisor.heading("Cases")).isVisible();
    }

    @Test
    void listsThousandsAPartAtATime() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        Page page = advisor.page();
        page.route(Pattern.compile("/api/cases\\?"), route -> {
            int from = Integer.parseInt(route.request().url().replaceAll(".*from=(\\d+).*", "$1"));
            route.fulfill(new Route.FulfillOptions()
                    .setContentType("application/json")
                    .setBody("{\"total\":3412,\"cases\":[%s]}"
                            .formatted(IntStream.range(from, from + 50)
                                    .mapToObj(CasesTest::summary)
                                    .collect(Collectors.joining(",")))));
        });

        page.getByLabel("Search cases").fill("plot");

        assertThat(lines(advisor).first()).containsText("Plot 0");
        assertThat(lines(advisor).first()).hasAttribute("aria-setsize", "3412");
        assertThat(page.getByTestId("listed")).hasText("50 of 3,412");
        page.getByTestId("listed").scrollIntoViewIfNeeded();
        assertThat(lines(advisor).nth(99)).containsText("Plot 99");
    }

    private static String summary(int number) {
        return """
                {"id":"00000000-0000-4000-8000-%012d","title":"Plot %d","clients":"","currency":"USD",\
                "monthlyCostCents":%d,"payoffDate":"2050-01-01","savedAt":"2026-11-02T09:00:00Z","savedBy":"Bea",\
                "advisor":"Bea","next":null,"limits":null,"goesAt":null}\
                """.formatted(number, number, 100_000 + number);
    }

    /** What the list of cases needs to be shown, compressed: 120 KiB at the most. */
    @Test
    void loadsLittleScriptForTheList() throws IOException {
        Page page = someone().page();
        String index = page.request().get("/").text();
        List<String> scripts = Pattern.compile("(?:src|href)=\"(/assets/[^\"]+\\.js)\"")
                .matcher(index)
                .results()
                .map(match -> match.group(1))
                .toList();
        ByteArrayOutputStream compressed = new ByteArrayOutputStream();
        for (String script : scripts) {
            try (GZIPOutputStream gzip = new GZIPOutputStream(compressed)) {
                gzip.write(page.request().get(script).body());
            }
        }
        Assertions.assertThat(scripts).isNotEmpty();
        Assertions.assertThat(compressed.size()).isBetween(50 * 1024, 120 * 1024);
    }

    private static Locator lines(Advisor advisor) {
        return advisor.page().getByRole(AriaRole.LISTITEM);
    }

    private static Locator choice(Page page, String label) {
        return page.getByRole(
                AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label).setExact(true));
    }

    private static Locator status(Page page) {
        return page.getByRole(AriaRole.STATUS);
    }
}
