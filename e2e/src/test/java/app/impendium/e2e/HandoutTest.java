package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** The hand-out: chosen, seen page by page as it will be, issued and made again, and the case in formats that others read. */
class HandoutTest extends Journey {

    @Test
    void whatIsHandedOutIsWhatTheScreenSays() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Two Lanes, to hand out", "Ida Brandt");
        Page page = advisor.page();
        String sentence = squeezed(advisor.sentence());
        String month = squeezed(advisor.month().textContent());
        page.keyboard().press("Escape");
        advisor.view("Hand-out");

        assertThat(preview(page)).not().hasAttribute("aria-busy", "true");
        assertThat(firstPage(page)).containsText("Two Lanes, to hand out");
        Assertions.assertThat(squeezed(firstPage(page).textContent()))
                .contains("ForIdaBrandt", sentence.substring(0, sentence.lastIndexOf('.')))
                .contains(month);

        page.getByLabel("Prepared for").fill("Ida Brandt and her brother");
        page.keyboard().press("Tab");
        assertThat(firstPage(page)).containsText("her brother");
        box(page, "Options compared").uncheck();
        box(page, "names").check();
        assertThat(advisor.answer()).containsText("without names");
        assertThat(firstPage(page)).not().containsText("her brother");
        advisor.press("Move Monthly cost up");
        assertThat(page.getByRole(AriaRole.CHECKBOX).first()).not().hasAccessibleName("The loan");
        advisor.press("Undo");
        assertThat(page.getByRole(AriaRole.CHECKBOX).first()).hasAccessibleName("The loan");
    }

    @Test
    void itIsAboutTheOptionThatIsRecommendedWhicheverWasLookedAt() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Two Lanes, recommended", "Ida Brandt");
        Page page = advisor.page();
        advisor.press("Add option…");
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Duplicate"))
                .click();
        advisor.say(Field.TERM, "15 years").view("Hand-out");
        assertThat(advisor.answer()).containsText("about the option that costs least");

        advisor.choose("Recommended option", "15 years");
        assertThat(advisor.answer()).containsText("recommending 15 years");
        assertThat(firstPage(page)).containsText("Your loan: 15 years at");
        advisor.choose("Recommended option", "the baseline");
        assertThat(firstPage(page)).containsText("Your loan: 30 years at");

        advisor.waitUntilSaved();
        page.reload();
        assertThat(advisor.answer()).containsText("recommending the baseline");
        assertThat(firstPage(page)).containsText("Your loan: 30 years at");
        advisor.view("Options");
        assertThat(page.getByRole(AriaRole.COLUMNHEADER).filter(new Locator.FilterOptions().setHasText("Baseline")))
                .containsText("Recommended");
    }

    @Test
    void whatIsIssuedIsKeptAndMadeAgain() throws IOException {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Two Lanes, issued", "Ida Brandt");
        Page page = advisor.page();
        advisor.view("Hand-out");
        Locator issued = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Issued hand-outs"));
        advisor.waitUntilSaved();

        Download first = page.waitForDownload(() -> advisor.press("Issue as PDF"));

        Assertions.assertThat(first.suggestedFilename()).matches("Two Lanes, issued \\d{4}-\\d\\d-\\d\\d\\.pdf");
        Assertions.assertThat(new String(Files.readAllBytes(first.path()), StandardCharsets.ISO_8859_1))
                .startsWith("%PDF-");
        assertThat(issued.getByRole(AriaRole.LISTITEM)).hasCount(1);
        assertThat(issued).containsText("for Ida Brandt, by Bea Ostrander");
        page.reload();
        assertThat(issued.getByRole(AriaRole.LISTITEM)).hasCount(1);
        Download again =
                page.waitForDownload(() -> issued.getByRole(AriaRole.BUTTON).click());
        Assertions.assertThat(again.suggestedFilename()).isEqualTo(first.suggestedFilename());
        assertThat(page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Views of the case")))
                .containsText("issued");
    }

    @Test
    void othersCanReadTheCase() throws IOException {
        Advisor advisor =
                someone().signIn(Advisor.EMAIL).open("22 Harrow Court").view("Hand-out");
        Page page = advisor.page();

        Assertions.assertThat(saved(page, advisor, "The case as JSON")).contains("\"format\" : 2", "22 Harrow Court");
        Assertions.assertThat(saved(page, advisor, "Its dates as a calendar"))
                .startsWith("BEGIN:VCALENDAR")
                .contains("BEGIN:VALARM");
        Download workbook = page.waitForDownload(() -> advisor.press("A workbook with live formulas"));
        Assertions.assertThat(workbook.suggestedFilename()).matches("22 Harrow Court \\d{4}-\\d\\d-\\d\\d\\.xlsx");
        advisor.choose("Separated by", "semicolons");
        Assertions.assertThat(saved(page, advisor, "Schedule")).startsWith("\ufeffpayment;date;amount;interest;");
        Assertions.assertThat(saved(page, advisor, "Debts")).startsWith("\ufeffdebt;kind;payment;balance;");
    }

    @Test
    void aCaseThatWasHandedOnIsReadBackAsItWas() throws IOException {
        Advisor advisor = someone()
                .signIn(Advisor.EMAIL)
                .begin("Two Lanes, handed on", "Odile Roos")
                .view("Hand-out");
        Page page = advisor.page();
        Path file =
                page.waitForDownload(() -> advisor.press("The case as JSON")).path();
        String month = advisor.view("Loan").month().textContent();
        advisor.toCases();
        advisor.press("Open a file…");
        Locator dialog = page.getByRole(AriaRole.DIALOG);

        choose(dialog, "newer.json", Files.readString(file).replace("\"format\" : 2", "\"format\" : 9"));
        assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("only formats up to 2 can be read");
        choose(dialog, "wrong.json", Files.readString(file).replace("\"ratePercent\" : ", "\"ratePercent\" : -"));
        assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("options 1, terms, rate percent");
        choose(dialog, "letter.json", "Dear Odile");
        assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("“letter.json” is no JSON file");
        choose(dialog, "case.json", Files.readString(file));
        assertThat(dialog.getByRole(AriaRole.STATUS)).containsText("Two Lanes, handed on for Odile Roos");
        advisor.press("Keep as a new case");

        assertThat(advisor.month()).hasText(month);
        advisor.toCases();
        page.getByLabel("Search cases").fill("handed on");
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Two Lanes, handed on")))
                .hasCount(2);
    }

    private static void choose(Locator dialog, String name, String contents) {
        dialog.getByLabel("Choose a file…")
                .setInputFiles(new FilePayload(name, "application/json", contents.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void templatesAndLetterheadAreThePractices() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        Page page = advisor.page();
        page.navigate("/practice/hand-outs");
        advisor.press("Add a template");
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("New template"))
                .getByLabel("Name", new Locator.GetByLabelOptions().setExact(true))
                .fill("Zebra, loan alone");
        box(page, "Monthly cost").uncheck();
        advisor.press("Save");
        Locator templates = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Templates"));
        assertThat(templates).containsText("Zebra, loan alone");
        assertThat(templates.getByRole(AriaRole.LISTITEM).first()).containsText("cases begin with it");

        page.navigate("/cases");
        advisor.begin("Two Lanes, from a template", "").view("Hand-out");
        advisor.choose("Begin from a template", "Zebra, loan alone");
        assertThat(box(page, "Monthly cost")).not().isChecked();

        page.navigate("/practice/hand-outs");
        advisor.press("Delete Zebra, loan alone");
        advisor.press("Delete");
        assertThat(templates).not().containsText("Zebra");
    }

    @Test
    void aLogoOfAnySizeIsScaledAndWhatIsNoPictureIsRefused() throws IOException {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        Page page = advisor.page();
        page.navigate("/practice/hand-outs");
        Locator logo = page.getByAltText("The logo");
        String before = logo.getAttribute("src");
        Locator field = page.getByLabel("Replace the logo…");

        field.setInputFiles(new FilePayload("logo.png", "image/png", "no picture".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.ALERT)
                        .filter(new Locator.FilterOptions().setHasText("This file is not a picture")))
                .isVisible();
        assertThat(logo).hasAttribute("src", before);

        ByteArrayOutputStream large = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(6000, 3000, BufferedImage.TYPE_INT_RGB), "png", large);
        field.setInputFiles(new FilePayload("large.png", "image/png", large.toByteArray()));
        assertThat(logo).not().hasAttribute("src", before);
        Assertions.assertThat(
                        logo.evaluate("image => image.decode().then(() => [image.naturalWidth, image.naturalHeight])"))
                .isEqualTo(List.of(1000, 500));
    }

    private static String saved(Page page, Advisor advisor, String button) throws IOException {
        return Files.readString(
                page.waitForDownload(() -> advisor.press(button)).path());
    }

    private static Locator box(Page page, String name) {
        return page.getByRole(
                AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator preview(Page page) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Preview"));
    }

    /** The text of the first page, as it can be selected and read aloud. */
    private static Locator firstPage(Page page) {
        return page.getByRole(
                AriaRole.GROUP, new Page.GetByRoleOptions().setName("Page 1").setExact(true));
    }

    /** Where lines break says nothing of what is said. */
    private static String squeezed(String text) {
        return text.replaceAll("[\\s\u00a0\u202f]+", "");
    }
}
