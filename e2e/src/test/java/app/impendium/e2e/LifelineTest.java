package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** The life of a loan by keyboard, by date, and as text. */
class LifelineTest extends Journey {

    @Test
    void goesFromPaymentToPaymentByKeyboard() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("14 Quarry Lane").view("Lifeline");
        Locator slider = advisor.page().getByRole(AriaRole.SLIDER);
        Keyboard keys = advisor.page().keyboard();
        slider.focus();
        assertThat(slider).hasAttribute("aria-valuenow", "60");
        assertThat(slider)
                .hasAttribute(
                        "aria-valuetext",
                        Pattern.compile("February 1, 2032, payment 60: owed 362,401.32, interest so far 115,309.52,"
                                + " repaid 26,453.68, equity .*"));

        keys.press("ArrowRight");
        keys.press("PageUp");
        assertThat(slider).hasAttribute("aria-valuenow", "73");
        keys.press("End");
        assertThat(advisor.page().getByTestId("marker-reading")).containsText("owed 0.00");
        keys.press("Home");
        keys.press("Shift+PageUp");
        assertThat(advisor.page().getByTestId("stretch-reading")).containsText("Payments 1 to 13");
        keys.press("Escape");
        assertThat(advisor.page().getByTestId("stretch-reading")).hasCount(0);
    }

    @Test
    void findsPaymentsAndOpensYears() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("14 Quarry Lane").view("Lifeline");
        Locator schedule = advisor.page().getByTestId("schedule");
        assertThat(schedule).containsText("before the first");
        assertThat(schedule).containsText("388,855.00");
        advisor.find("Oct 2031");
        assertThat(advisor.page().getByTestId("marker-reading")).containsText("October 1, 2031, payment 56");

        schedule.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("2031").setExact(true))
                .click();
        Locator line = schedule.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("payment 58"));
        assertThat(line).containsText("December 1, 2031");
        line.getByText("December 1, 2031").click();
        assertThat(advisor.page().getByRole(AriaRole.SLIDER)).hasAttribute("aria-valuenow", "58");
        advisor.find("never");
        assertThat(advisor.page().getByRole(AriaRole.ALERT)).containsText("Enter a payment such as 118");
        assertThat(advisor.page().getByTestId("proof")).containsText("ends at exactly 0.00");
        assertThat(advisor.page().getByTestId("proof")).containsText("by formula");
    }

    @Test
    void choosesColumnsAndSavesThem() throws IOException {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("14 Quarry Lane").view("Lifeline");
        Page page = advisor.page();
        advisor.press("Columns");
        page.getByRole(AriaRole.MENUITEMCHECKBOX, new Page.GetByRoleOptions().setName("Equity"))
                .click();
        page.keyboard().press("Escape");
        assertThat(page.getByTestId("schedule")).containsText("Equity");
        advisor.find("13 to 24");

        Download file = page.waitForDownload(() -> advisor.press("Save the stretch as CSV"));

        List<String> lines = Files.readAllLines(file.path());
        Assertions.assertThat(file.suggestedFilename()).isEqualTo("14 Quarry Lane schedule.csv");
        Assertions.assertThat(lines)
                .hasSize(13)
                .first()
                .isEqualTo("Payment,Date,Paid,Interest,Principal,Interest so far,Owed,Equity");
        Assertions.assertThat(lines.get(1)).startsWith("13,2028-03-01,2362.72,");
    }

    @Test
    void takesPicturesAway() throws IOException {
        Advisor advisor = someone(
                        new Browser.NewContextOptions().setPermissions(List.of("clipboard-read", "clipboard-write")))
                .signIn(Advisor.EMAIL)
                .open("14 Quarry Lane");
        Page page = advisor.page();
        String month = picture(advisor, "Picture… month through the years");
        Assertions.assertThat(month).contains("14 Quarry Lane", "100.45, mortgage insurance ends");
        Assertions.assertThat(picture(advisor, "Picture… rates")).contains("88,365.96", "2,362.72 each");
        advisor.view("Lifeline");
        Assertions.assertThat(picture(advisor, "Picture… lifeline"))
                .contains("Interest 461,728.50", "Principal 388,855.00", "half repaid");

        advisor.press("Picture… lifeline");
        Download png = page.waitForDownload(() -> advisor.item("save as PNG"));
        BufferedImage pixels = ImageIO.read(png.path().toFile());
        Assertions.assertThat(png.suggestedFilename()).isEqualTo("14 Quarry Lane lifeline.png");
        Assertions.assertThat(pixels.getWidth()).isEqualTo(2 * 948);
        advisor.press("Picture… lifeline");
        advisor.item("copy it");
        assertThat(page.getByText("Copied")).isVisible();
        Assertions.assertThat(page.evaluate("async () => (await navigator.clipboard.read())[0].types"))
                .isEqualTo(List.of("image/png"));
    }

    private static String picture(Advisor advisor, String button) throws IOException {
        advisor.press(button);
        return Files.readString(advisor.page()
                .waitForDownload(() -> advisor.item("save as SVG"))
                .path());
    }

    @Test
    void scrollsThroughFiftyYearsOfWeeks() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Fifty years of weeks", "");
        advisor.choose("How often it is paid", "weekly");
        advisor.say("Term", "50");
        assertThat(advisor.total("Payments")).hasText("2,600");
        advisor.view("Lifeline");
        Locator schedule = advisor.page().getByTestId("schedule");
        schedule.getByText("open all years").click(new Locator.ClickOptions().setForce(true));
        assertThat(schedule).hasAttribute("aria-rowcount", Pattern.compile("26[0-9]{2}"));

        advisor.find("2600");

        assertThat(schedule).containsText("payment 2600");
        assertThat(advisor.page().getByTestId("marker-reading")).containsText("owed 0.00");
    }
}
