package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The practice's limits: begun, changed, looked at as they were, brought back and deleted. */
class LimitsTest extends Journey {
    private static final String NAME = "Bellbird Mutual, first homes";

    @Test
    void keepsALendersLimitsWithTheirHistory() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        Page page = advisor.page();
        page.navigate("/practice/limits");
        advisor.press("Add a limit set…").item("Canada");
        Locator editor = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Limit set"));
        assertThat(editor).containsText("total debt service");
        editor.getByLabel("Name of the set").fill(NAME);
        page.keyboard().press("Tab");
        editor.getByLabel("Limit", exact()).fill("much");
        page.keyboard().press("Tab");
        advisor.press("Save");
        assertThat(editor).containsText("Fix the marked entry first.");
        editor.getByLabel("Limit", exact()).fill("44 %");
        page.keyboard().press("Tab");
        advisor.press("Only if…");
        advisor.choose("Condition about", "credit score");
        editor.getByLabel("Value of the condition").fill("680");
        page.keyboard().press("Tab");
        advisor.press("At a stressed rate");
        advisor.press("Add a test");
        choices(editor, "What is tested").last().click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("left over a month"))
                .click();
        advisor.press("By household…");
        editor.getByLabel("Amounts by size, everywhere").fill("450; 755; 909");
        page.keyboard().press("Tab");
        advisor.press("Save");

        Locator line = line(page);
        assertThat(line).containsText("total debt service at most 44\u202f%, if credit score from 680");
        assertThat(line).containsText("left over a month at least what its table says");
        // That stands on figures that are published for all, and not on the practice's own.
        assertThat(line).not().containsText("Check before use.");
        assertThat(page.getByText("Check before use.").first()).isVisible();

        advisor.press("Edit " + NAME);
        editor.getByLabel("Limit", exact()).fill("42 %");
        page.keyboard().press("Tab");
        editor.getByLabel("Longest term in years").fill("99");
        page.keyboard().press("Tab");
        advisor.press("Save");
        assertThat(editor.getByRole(AriaRole.ALERT).first()).containsText("99");
        editor.getByLabel("Longest term in years").fill("25");
        page.keyboard().press("Tab");
        advisor.press("Save");
        assertThat(line).containsText("at most 42\u202f%");

        advisor.press("History of " + NAME);
        Locator history = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("History of " + NAME));
        assertThat(history).containsText("now: terms up to 25 years");
        assertThat(history).containsText(Pattern.compile("no longer:.*at most 44"));
        advisor.press("Bring this back");
        Locator earlier = history.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Bring this back"));
        assertThat(earlier).hasCount(2);
        assertThat(line).containsText("at most 44\u202f%");

        advisor.press("Delete " + NAME);
        advisor.press("Delete");
        assertThat(line).hasCount(0);
        advisor.press("Undo");
        assertThat(line).hasCount(1);
        advisor.press("Delete " + NAME);
        advisor.press("Delete");
        assertThat(line).hasCount(0);
    }

    private static Locator line(Page page) {
        return page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(NAME))));
    }

    private static Locator choices(Locator within, String label) {
        return within.getByRole(AriaRole.COMBOBOX, new Locator.GetByRoleOptions().setName(label));
    }

    private static Locator.GetByLabelOptions exact() {
        return new Locator.GetByLabelOptions().setExact(true);
    }
}
