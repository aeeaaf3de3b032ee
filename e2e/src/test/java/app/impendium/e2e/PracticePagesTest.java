package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

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

/** The practice's own pages: what is typed there survives leaving, and what is deleted comes back as itself. */
class PracticePagesTest extends Journey {
    private static final double KEY_MS = 80;

    @Test
    void aLimitSetIsLeftHalfTypedSavedDeletedAndRestoredUnderACaseThatUsesIt() {
        Advisor owner = someone().signIn(Advisor.EMAIL);
        Page page = owner.page();
        page.navigate("/practice/limits");
        owner.press("Add a limit set…");
        owner.item("United States");
        type(page.getByLabel("Name of the set"), "Curlew Mutual");

        page.navigate("/practice/rates");
        page.navigate("/practice/limits");
        assertThat(page.getByLabel("Name of the set")).hasValue("Curlew Mutual");
        owner.press("Save");
        assertThat(heading(page, "Curlew Mutual")).isVisible();

        page.navigate("/cases");
        owner.begin("Two Lanes, by Curlew", "").view("Affordability");
        owner.press("Add an income");
        page.getByLabel("Income", new Page.GetByLabelOptions().setExact(true))
                .last()
                .fill("salary 64,800 a year");
        page.keyboard().press("Tab");
        owner.press("Curlew Mutual");
        owner.waitUntilSaved();
        String address = page.url();

        page.navigate("/practice/limits");
        owner.press("Delete Curlew Mutual");
        Locator question = page.getByRole(AriaRole.ALERTDIALOG);
        assertThat(question).containsText("1 case uses it. It can be restored for 30 days");
        owner.press("Cancel");
        assertThat(heading(page, "Curlew Mutual")).isVisible();
        owner.press("Delete Curlew Mutual");
        owner.press("Delete");
        assertThat(heading(page, "Curlew Mutual")).hasCount(0);
        Locator bin = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Deleted"));
        assertThat(bin).containsText(Pattern.compile("Curlew Mutual.*by Bea Ostrander"));

        page.navigate(address);
        assertThat(page.getByRole(AriaRole.NOTE))
                .containsText(Pattern.compile("Curlew Mutual was deleted on .*; checked against .* meanwhile"));
        page.navigate("/practice/limits");
        owner.press("Restore Curlew Mutual");
        assertThat(heading(page, "Curlew Mutual")).isVisible();
        owner.press("History of Curlew Mutual");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("History of Curlew Mutual")))
                .containsText("began");
        page.navigate(address);
        assertThat(button(page, "Curlew Mutual")).hasAttribute("aria-pressed", "true");
        assertThat(page.getByRole(AriaRole.NOTE)).hasCount(0);
    }

    @Test
    void aProgrammeIsLeftHalfTypedDeletedAndRestoredUnderACaseThatUsesIt() throws IOException {
        Advisor owner = someone().signIn(Advisor.EMAIL);
        Page page = owner.page();
        page.navigate("/practice/programmes");
        owner.press("Add a programme…");
        owner.item("United States");
        type(page.getByLabel("Name of the programme"), "Zinc Lane lettings");
        page.navigate("/practice/rates");
        page.navigate("/practice/programmes");
        assertThat(page.getByLabel("Name of the programme")).hasValue("Zinc Lane lettings");
        owner.press("Save");
        assertThat(heading(page, "Zinc Lane lettings")).isVisible();

        ObjectNode document = (ObjectNode) new JsonMapper()
                .readTree(Files.readString(
                        Path.of("..", "server", "src", "main", "resources", "demo", "chandlers-reach.json")));
        document.put("title", "Let, by Zinc Lane").withObject("/letting").putNull("programme");
        owner.openOptionsOf(document.toString()).view("Rental");
        owner.choose("Programme", "Zinc Lane lettings");
        Locator programme = page.getByLabel("Programme", new Page.GetByLabelOptions().setExact(true));
        assertThat(programme).containsText("Zinc Lane lettings");
        owner.waitUntilSaved();
        String address = page.url();

        page.navigate("/practice/programmes");
        owner.press("Delete Zinc Lane lettings");
        assertThat(page.getByRole(AriaRole.ALERTDIALOG)).containsText("1 case uses it.");
        owner.press("Delete");
        page.navigate(address);
        assertThat(page.getByRole(AriaRole.NOTE))
                .containsText(Pattern.compile("Zinc Lane lettings was deleted on .*; checked against .* meanwhile"));
        page.navigate("/practice/programmes");
        owner.press("Restore Zinc Lane lettings");
        assertThat(heading(page, "Zinc Lane lettings")).isVisible();
        page.navigate(address);
        assertThat(programme).containsText("Zinc Lane lettings");
        assertThat(page.getByRole(AriaRole.NOTE)).hasCount(0);
        page.navigate("/practice/programmes");
        owner.press("Delete Zinc Lane lettings");
        owner.press("Delete");
        assertThat(heading(page, "Zinc Lane lettings")).hasCount(0);
    }

    @Test
    void aRateTableIsLeftHalfTypedAndItsDeletionIsUndone() {
        Advisor owner = someone().signIn(Advisor.EMAIL);
        Page page = owner.page();
        page.navigate("/practice/rates");
        owner.press("Add a rate table");
        type(page.getByLabel("Name of the table"), "Curlew thirty");
        page.navigate("/practice");
        page.navigate("/practice/rates");
        assertThat(page.getByLabel("Name of the table")).hasValue("Curlew thirty");
        owner.press("Save");
        assertThat(heading(page, "Curlew thirty")).isVisible();

        owner.press("Delete Curlew thirty");
        assertThat(page.getByRole(AriaRole.ALERTDIALOG)).containsText("No case uses it.");
        owner.press("Delete");
        owner.press("Undo");
        assertThat(heading(page, "Curlew thirty")).isVisible();

        page.navigate("/cases");
        owner.begin("Priced, by Curlew", "").view("Options");
        owner.alternative("From the rate table…").choose("Rate table", "Curlew thirty");
        Locator offered = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Rates offered"))
                .getByRole(AriaRole.LISTITEM);
        assertThat(offered).hasCount(1);
        offered.getByRole(AriaRole.BUTTON).click();
        assertThat(offered).hasCount(0);
        owner.waitUntilSaved();
        String address = page.url();
        page.navigate("/practice/rates");
        owner.press("Delete Curlew thirty");
        assertThat(page.getByRole(AriaRole.ALERTDIALOG)).containsText("1 case uses it.");
        owner.press("Delete");
        assertThat(heading(page, "Curlew thirty")).hasCount(0);

        page.navigate(address);
        owner.alternative("From the rate table…");
        assertThat(page.getByRole(AriaRole.NOTE))
                .containsText(Pattern.compile("Curlew thirty was deleted on .*; priced on .* meanwhile"));
        page.navigate("/practice/rates");
        owner.press("Restore Curlew thirty");
        assertThat(heading(page, "Curlew thirty")).isVisible();
        page.navigate(address);
        owner.alternative("From the rate table…");
        assertThat(page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Rate table")))
                .containsText("Curlew thirty");
        assertThat(page.getByRole(AriaRole.NOTE)).hasCount(0);
        page.navigate("/practice/rates");
        owner.press("Delete Curlew thirty");
        owner.press("Delete");
        page.reload();
        assertThat(heading(page, "Curlew thirty")).hasCount(0);
    }

    @Test
    void twoThatAreEditedAtOnceAreBothKept() {
        Advisor owner = someone().signIn(Advisor.EMAIL);
        Page page = owner.page();
        page.navigate("/practice/limits");
        owner.press("Edit Rural");
        type(page.getByLabel("Name of the set"), "Rural, east");
        owner.press("Edit FHA");
        type(page.getByLabel("Name of the set"), "FHA, west");
        owner.press("Edit Rural");
        assertThat(page.getByLabel("Name of the set")).hasValue("Rural, east");
        owner.press("Cancel");
        owner.press("Edit FHA");
        assertThat(page.getByLabel("Name of the set")).hasValue("FHA, west");
        owner.press("Cancel");
        page.reload();
        assertThat(heading(page, "FHA")).isVisible();
        assertThat(page.getByLabel("Name of the set")).hasCount(0);
    }

    @Test
    void aTemplateAndTheLetterheadAreLeftHalfTyped() {
        Advisor owner = someone().signIn(Advisor.EMAIL);
        Page page = owner.page();
        page.navigate("/practice/hand-outs");
        owner.press("Add a template");
        Locator name = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("New template"))
                .getByLabel("Name", new Locator.GetByLabelOptions().setExact(true));
        type(name, "Zither, in brief");
        Locator address = page.getByLabel("Address", new Page.GetByLabelOptions().setExact(true));
        String before = address.inputValue();
        type(address, before + "\nSuite 9");

        page.navigate("/practice/people");
        page.navigate("/practice/hand-outs");
        assertThat(name).hasValue("Zither, in brief");
        assertThat(address).hasValue(before + "\nSuite 9");
        type(address, before);
        owner.press("Save letterhead");
        assertThat(page.getByText("Saved. The next hand-outs carry it.")).isVisible();
        owner.press("Save");
        Locator templates = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Templates"));
        assertThat(templates).containsText("Zither, in brief");
        owner.press("Delete Zither, in brief");
        owner.press("Delete");
        assertThat(templates).not().containsText("Zither");
    }

    @Test
    void earlierStatesOfARateTableAndTheLetterheadAreBroughtBack() {
        Advisor owner = someone().signIn(Advisor.EMAIL);
        Page page = owner.page();
        page.navigate("/practice/rates");
        owner.press("Add a rate table");
        Locator name = page.getByLabel("Name of the table");
        type(name, "Plover fifteen");
        owner.press("Save");
        owner.press("Edit Plover fifteen");
        type(name, "Plover twenty");
        owner.press("Save");
        owner.press("History of Plover twenty");
        assertThat(states(page, "Plover twenty").first()).containsText("now: Plover twenty");
        bringBack(states(page, "Plover twenty").nth(1));
        assertThat(heading(page, "Plover fifteen")).isVisible();
        assertThat(states(page, "Plover fifteen")).hasCount(3);
        owner.press("Delete Plover fifteen");
        owner.press("Delete");

        page.navigate("/practice/hand-outs");
        Locator address = page.getByLabel("Address", new Page.GetByLabelOptions().setExact(true));
        String before = address.inputValue();
        type(address, before + "\nSuite 9");
        owner.press("Save letterhead");
        assertThat(page.getByText("Saved. The next hand-outs carry it.")).isVisible();
        owner.press("History of the letterhead");
        assertThat(states(page, "the letterhead").first()).containsText("now: Suite 9");
        type(address, before + "\nSuite 10");
        owner.press("Save letterhead");
        assertThat(states(page, "the letterhead").first()).containsText("now: Suite 10");
        bringBack(states(page, "the letterhead").nth(1));
        assertThat(address).hasValue(before + "\nSuite 9");
        page.reload();
        assertThat(address).hasValue(before + "\nSuite 9");
        type(address, before);
        owner.press("Save letterhead");
        assertThat(page.getByText("Saved. The next hand-outs carry it.")).isVisible();
    }

    @Test
    void earlierStatesOfATemplateAndThePracticeAreBroughtBack() {
        Advisor owner = someone().signIn(Advisor.EMAIL);
        Page page = owner.page();
        page.navigate("/practice/hand-outs");
        owner.press("Add a template");
        Locator name =
                page.getByRole(AriaRole.GROUP).getByLabel("Name", new Locator.GetByLabelOptions().setExact(true));
        type(name, "Bittern, in brief");
        owner.press("Save");
        owner.press("Edit Bittern, in brief");
        type(name, "Bittern, in full");
        owner.press("Save");
        owner.press("History of Bittern, in full");
        bringBack(states(page, "Bittern, in full").nth(1));
        assertThat(states(page, "Bittern, in brief").first()).containsText("now: Bittern, in brief");
        page.reload();
        assertThat(heading(page, "Bittern, in brief")).isVisible();
        owner.press("Delete Bittern, in brief");
        owner.press("Delete");
        assertThat(heading(page, "Bittern, in brief")).hasCount(0);

        page.navigate("/practice");
        Locator practice = page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true));
        String before = practice.inputValue();
        type(practice, "Bittern Advice");
        owner.press("Save name");
        owner.press("History of the practice");
        assertThat(states(page, "the practice").first()).containsText("now: Bittern Advice");
        bringBack(states(page, "the practice").nth(1));
        assertThat(practice).hasValue(before);
        page.reload();
        assertThat(practice).hasValue(before);
        assertThat(page.getByText("Bittern Advice")).hasCount(0);
    }

    private static Locator states(Page page, String of) {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("History of " + of))
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHas(page.locator("p")));
    }

    private static void bringBack(Locator state) {
        state.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Bring this back"))
                .click();
    }

    private static void type(Locator field, String text) {
        field.selectText();
        field.pressSequentially(text, new Locator.PressSequentiallyOptions().setDelay(KEY_MS));
    }

    private static Locator heading(Page page, String name) {
        return page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
