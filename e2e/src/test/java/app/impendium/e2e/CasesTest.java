package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
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

    private static Locator lines(Advisor advisor) {
        return advisor.page().getByRole(AriaRole.LISTITEM);
    }

    private static Locator status(Page page) {
        return page.getByRole(AriaRole.STATUS);
    }
}
