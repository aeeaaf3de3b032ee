package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Lists are typed line by line, and what is chosen beside a case stays with it. */
class ListsTest extends Journey {

    @Test
    void typesExtrasLineByLine() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("List of extras", "");
        Page page = advisor.page();
        Keyboard keys = page.keyboard();
        advisor.press("Change");
        Locator lines = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Extra payments"))
                .getByRole(AriaRole.LISTITEM);

        advisor.press("Add an extra payment");
        assertThat(amount(lines.first())).isFocused();
        keys.type("2500");
        keys.press("Enter");
        assertThat(lines).hasCount(2);
        assertThat(amount(lines.nth(1))).isFocused();
        keys.type("4000");
        assertThat(amount(page.getByTestId("sentence")).nth(1)).hasValue("4000");
        keys.press("Alt+ArrowUp");
        assertThat(amount(lines.first())).isFocused();
        assertThat(amount(lines.first())).hasValue("4000");
        amount(lines.first()).selectText();

        keys.press("Delete");
        keys.press("Delete");
        assertThat(lines).hasCount(1);
        assertThat(amount(lines.first())).hasValue("2,500");
        advisor.press("Close");
        advisor.press("Undo");
        assertThat(page.getByTestId("sentence")).containsText("which");
        advisor.waitUntilSaved();
    }

    private static Locator amount(Locator place) {
        return place.getByLabel("Extra payment", new Locator.GetByLabelOptions().setExact(true));
    }

    @Test
    void keepsTheChosenRatesWithTheCase() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("14 Quarry Lane");
        Page page = advisor.page();
        page.getByLabel("Step between rates").fill("0.5");
        page.getByLabel("Rates below").fill("2");
        Locator rates = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Rates and their cost"))
                .getByRole(AriaRole.LISTITEM);
        assertThat(rates).hasCount(7);
        assertThat(rates.first()).containsText("5.125");

        page.reload();
        assertThat(rates).hasCount(7);
        advisor.toCases().open("7 Tollgate Rise");
        assertThat(rates).hasCount(9);
    }

    @Test
    void usesARateFromTheTable() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Rates as a table", "");
        Page page = advisor.page();
        advisor.say(Field.RATE, "6");
        advisor.press("Show table");
        Locator table = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Rates as a table"));
        assertThat(table.getByRole(AriaRole.ROW).nth(5)).containsText("current");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("per payment"))
                .click();
        assertThat(table).containsText("Difference per payment");

        table.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("5.75"))
                .first()
                .click();
        advisor.item("Use this rate");

        assertThat(advisor.figure(Field.RATE)).hasValue("5.75\u202f%");
    }
}
