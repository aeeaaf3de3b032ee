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
                        Pattern.compile("February 1, 2032, payment 60: balance 362,401.32, interest so far 115,309.52,"
                                + " principal paid 26,453.68, equity .*"));

        keys.press("ArrowRight");
        keys.press("PageUp");
        assertThat(slider).hasAttribute("aria-valuenow", "73");
        keys.press("End");
        assertThat(advisor.page().getByTestId("marker-reading")).containsText("balance 0.00");
        keys.press("Home");
        keys.press("Shift+PageUp");
        assertThat(advisor.page().getByTestId("range-reading")).containsText("Payments 1 to 13");
        keys.press("Escape");
        assertThat(advisor.page().getByTestId("range-reading")).hasCount(0);
    }

    @Test
    void findsPaymentsAndOpensYears() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("14 Quarry Lane").view("Lifeline");
        Locator schedule = advisor.page().getByTestId("schedule");
        assertThat(schedule).containsText("Opening balance");
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
        advisor.find("400");
        assertThat(advisor.page().getByRole(AriaRole.ALERT))
                .containsText("There is no payment 400: the last is payment 360.");
        advisor.find("never");
        assertThat(advisor.page().getByRole(AriaRole.ALERT)).containsText("Enter a payment such as 118");
        assertThat(advisor.page().getByTestId("reconciliation")).containsText("Final balance 0.00");
        assertThat(advisor.page().getByTestId("reconciliation")).containsText("by formula");
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

        Download file = page.waitForDownload(() -> advisor.press("Save the period as CSV"));

        List<String> lines = Files.readAllLines(file.path());
        Assertions.assertThat(file.suggestedFilename()).isEqualTo("14 Quarry Lane, Baseline, payments 13 to 24.csv");
        Assertions.assertThat(lines)
                .hasSize(13)
                .first()
                .isEqualTo("\ufeffPayment,Date,Paid,Interest,Principal,Interest so far,Balance,Equity");
        Assertions.assertThat(lines.get(1)).startsWith("13,2028-03-01,2362.72,");
    }

    @Test
    void takesPicturesAway() throws IOException {
        Advisor advisor = someone(
                        new Browser.NewContextOptions().setPermissions(List.of("clipboard-read", "clipboard-write")))
                .signIn(Advisor.EMAIL)
                .open("14 Quarry Lane");
        Page page = advisor.page();
        String month = picture(advisor, "Chart… monthly cost over time");
        Assertions.assertThat(month).contains("14 Quarry Lane", "100.45, mortgage insurance ends");
        Assertions.assertThat(picture(advisor, "Chart… rates")).contains("88,365.96", "2,362.72 each");
        advisor.view("Lifeline");
        Assertions.assertThat(picture(advisor, "Chart… lifeline"))
                .contains("Interest 461,728.50", "Principal 388,855.00", "half paid off");

        advisor.press("Chart… lifeline");
        Download png = page.waitForDownload(() -> advisor.item("Save as PNG"));
        BufferedImage pixels = ImageIO.read(png.path().toFile());
        Assertions.assertThat(png.suggestedFilename()).isEqualTo("14 Quarry Lane lifeline.png");
        Assertions.assertThat(pixels.getWidth()).isEqualTo(2 * 948);
        advisor.press("Chart… lifeline");
        advisor.item("Copy");
        assertThat(page.getByText("Copied")).isVisible();
        Assertions.assertThat(page.evaluate("async () => (await navigator.clipboard.read())[0].types"))
                .isEqualTo(List.of("image/png"));
    }

    private static String picture(Advisor advisor, String button) throws IOException {
        advisor.press(button);
        return Files.readString(advisor.page()
                .waitForDownload(() -> advisor.item("Save as SVG"))
                .path());
    }

    @Test
    void scrollsThroughFiftyYearsOfWeeks() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Fifty years of weeks", "");
        advisor.choose("Payment frequency", "weekly");
        advisor.say(Field.TERM, "50");
        assertThat(advisor.total("PAYMENTS")).hasText("2,600");
        advisor.view("Lifeline");
        Locator schedule = advisor.page().getByTestId("schedule");
        schedule.getByText("open all years").click(new Locator.ClickOptions().setForce(true));
        assertThat(schedule).hasAttribute("aria-rowcount", Pattern.compile("26[0-9]{2}"));

        advisor.find("2600");

        assertThat(schedule).containsText("payment 2600");
        assertThat(advisor.page().getByTestId("marker-reading")).containsText("balance 0.00");
    }
}
