package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** The practice's letting programmes: begun, mended, changed, looked at as they were and deleted. */
class ProgrammesTest extends Journey {
    private static final String NAME = "Kestrel Trust, let homes";

    @Test
    void keepsALendersProgrammeWithItsHistory() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        Page page = advisor.page();
        page.navigate("/practice/programmes");
        advisor.press("Add a programme…").item("Australia");
        Locator editor = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Programme"));
        fill(page, editor.getByLabel("Name of the programme"), NAME);
        advisor.press("Add a band");
        // A band of the same cover, then one that the other makes useless.
        fill(page, editor.getByLabel("Least cover").last(), "1.25");
        advisor.press("Save");
        assertThat(editor.getByRole(AriaRole.ALERT).first()).containsText("Two bands ask for a cover of at least 1.25");
        fill(page, editor.getByLabel("Least cover").last(), "1.05");
        fill(page, editor.getByLabel("Most loan to value", exact()).last(), "80");
        fill(page, editor.getByLabel("Added to the rate").last(), "0");
        advisor.press("Save");
        assertThat(editor.getByRole(AriaRole.ALERT).first()).containsText("is never used");
        fill(page, editor.getByLabel("Most loan to value", exact()).last(), "70");
        fill(page, editor.getByLabel("Added to the rate").last(), "0.35");
        fill(page, editor.getByLabel("Least score"), "705");
        advisor.press("Save");

        Locator line = line(page);
        assertThat(line).containsText("from 1.05 times up to 70\u202f% at 0.35\u202f% more");
        assertThat(line).containsText("score from 705");

        advisor.press("Edit " + NAME);
        advisor.choose("What the rent covers", "a month’s interest");
        advisor.press("At a stressed rate");
        fill(page, editor.getByLabel("Least cover").first(), "150 %");
        advisor.press("Save");
        assertThat(line).containsText("from 150\u202f% up to 75\u202f%");
        advisor.press("History of " + NAME);
        Locator history = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("History of " + NAME));
        assertThat(history).containsText("now: the rent covers a month’s interest");
        assertThat(history).containsText("no longer: the rent covers what goes out a month");
        advisor.press("Bring this back");
        assertThat(line).containsText("The rent covers what goes out a month");

        advisor.press("Delete " + NAME);
        advisor.press("Delete");
        assertThat(line).hasCount(0);
        advisor.press("Undo");
        assertThat(line).hasCount(1);
        advisor.press("Delete " + NAME);
        advisor.press("Delete");
        assertThat(line).hasCount(0);
    }

    private static void fill(Page page, Locator field, String text) {
        field.fill(text);
        page.keyboard().press("Tab");
    }

    private static Locator line(Page page) {
        return page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(NAME))));
    }

    private static Locator.GetByLabelOptions exact() {
        return new Locator.GetByLabelOptions().setExact(true);
    }
}
