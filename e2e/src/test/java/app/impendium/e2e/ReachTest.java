package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** The same figures by keys, by ear, by touch and on paper. */
class ReachTest extends Journey {

    @Test
    void crossesALedgerByArrowsAndLeavesItByTab() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("14 Quarry Lane");
        Keyboard keys = advisor.page().keyboard();
        advisor.total("PAYMENT").focus();

        keys.press("ArrowDown");
        assertThat(advisor.total("PAYMENTS")).isFocused();
        keys.press("ArrowUp");
        keys.press("ArrowUp");
        assertThat(advisor.total("PAYMENT")).isFocused();
        keys.press("Tab");
        assertThat(advisor.page().getByRole(AriaRole.RADIO).locator(":scope:focus"))
                .hasText("whole loan");
        keys.press("Shift+Tab");
        assertThat(advisor.total("PAYMENT")).isFocused();
    }

    @Test
    void speaksTheNewAnswerOnceTheTypingRests() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("By ear", "");
        Locator spoken = advisor.page().getByTestId("spoken");
        assertThat(spoken).hasAttribute("aria-live", "polite");
        assertThat(spoken).hasText("");

        advisor.say(Field.RATE, "5.5");

        assertThat(spoken).hasText(Pattern.compile("[\\d,]+\\.\\d\\d a month, paid off \\w+ 1, 20\\d\\d"));
    }

    @Test
    void printsTheScheduleWithAllItsRows() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("14 Quarry Lane").view("Lifeline");
        Page page = advisor.page();
        Locator rows = page.getByTestId("schedule").getByRole(AriaRole.ROW);
        Assertions.assertThat(rows.count()).isLessThan(60);

        page.setViewportSize(700, 990);
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));

        // The head, the opening balance, 31 calendar years and their payments.
        assertThat(rows).hasCount(2 + 31 + 360);
        assertThat(page.getByText("Save as CSV")).isHidden();
        Assertions.assertThat(
                        page.evaluate("document.documentElement.scrollWidth <= document.documentElement.clientWidth"))
                .isEqualTo(true);
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
        assertThat(page.getByText("Save as CSV")).isVisible();
    }

    @Test
    void worksByTouchOnAPhone() {
        Advisor advisor = someone(new NewContextOptions()
                        .setHasTouch(true)
                        .setIsMobile(true)
                        .setViewportSize(390, 800))
                .signIn(Advisor.EMAIL)
                .begin("By touch", "");
        Page page = advisor.page();
        assertThat(advisor.figure(Field.PRICE)).hasAttribute("inputmode", "decimal");
        advisor.aloneWith("388,855", "6", "30").and("Purchase price");
        advisor.figure(Field.RATE).tap();
        page.keyboard().type("5.5");
        page.keyboard().press("Enter");
        assertThat(advisor.total("PAYMENT")).hasText("2,207.88");
        advisor.total("PAYMENT").tap();
        assertThat(page.getByTestId("working-result")).hasText("2,207.88");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Close").setExact(true))
                .tap();

        advisor.view("Lifeline");
        Locator marker = page.getByRole(AriaRole.SLIDER);
        String before = marker.getAttribute("aria-valuenow");
        page.getByTestId("lifeline-picture").tap();
        assertThat(marker).not().hasAttribute("aria-valuenow", before);
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("balance"))
                .tap();
        assertThat(page.getByTestId("lifeline-picture")).containsText("home value");
    }
}
