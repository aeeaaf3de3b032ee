package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.regex.Pattern;

/** Takes the pictures of the main views from the demo data. Run by ./impendium screenshots. */
final class Screenshots {
    private final Path folder;
    private final Browser browser;
    private final String url;

    private Screenshots(Path folder, Browser browser, String url) {
        this.folder = folder;
        this.browser = browser;
        this.url = url;
    }

    public static void main(String[] arguments) {
        Path folder = Path.of(arguments[0]);
        try (ApplicationProcess application = ApplicationProcess.start();
                Playwright playwright = Playwright.create();
                Browser browser = Chromium.launch(playwright)) {
            Screenshots screenshots = new Screenshots(folder, browser, application.url());
            screenshots.wide();
            screenshots.dark();
            screenshots.narrow();
        }
    }

    private void wide() {
        try (BrowserContext context = context(1280, 800, ColorScheme.LIGHT)) {
            Page page = context.newPage();
            Advisor advisor = new Advisor(page).signIn(Advisor.EMAIL);
            assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("14 Quarry Lane")))
                    .isVisible();
            take(page, "cases");
            loan(advisor, "loan");
            page.getByRole(AriaRole.TAB).nth(1).click();
            assertThat(advisor.total("PAYMENTS")).hasText("180");
            advisor.total("TOTAL_PAID").click();
            assertThat(page.getByTestId("working-result")).isVisible();
            take(page, "working");
            advisor.press("Close");
            advisor.press("Set a target");
            page.getByLabel("What must be met").fill("at most 3,300 a month");
            assertThat(page.getByTestId("lever-PRICE")).containsText("A price of at most");
            take(page, "target");
            advisor.press("Close");
            lifeline(advisor, "7 Tollgate Rise", "lifeline");
            options(advisor, "8 Bellfounder Close", "options");
            page.navigate("/cases");
            advisor.open("22 Harrow Court").view("Affordability");
            assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Ways to make it fit")))
                    .isVisible();
            take(page, "affordability");
            page.navigate("/cases");
            advisor.open("9 Chandlers Reach, to let").view("Rental");
            assertThat(page.getByTestId("cover")).isVisible();
            take(page, "rental");
            handout(advisor);
            page.navigate("/practice/rates");
            advisor.press("Edit 30-year fixed");
            take(page, "rates");
            page.navigate("/practice/limits");
            advisor.press("Edit Alder Savings, conventional");
            take(page, "limits");
            history(advisor);
            page.navigate("/clients");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Lucan and Odile Ferreira"))
                    .first()
                    .click();
            assertThat(advisor.heading("Lucan and Odile Ferreira")).isVisible();
            assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("22 Harrow Court")))
                    .isVisible();
            take(page, "clients");
            page.navigate("/practice/people");
            advisor.press("Edit Tobias Pell");
            advisor.press("New password link");
            assertThat(page.getByTestId("password-address")).isVisible();
            take(page, "people");
        }
    }

    /** The view, and a page of its document by itself. */
    private void handout(Advisor advisor) {
        Page page = advisor.page();
        page.navigate("/cases");
        advisor.open("7 Tollgate Rise").view("Hand-out");
        assertThat(page.locator("[data-drawn]").first()).isVisible();
        take(page, "hand-out");
        Locator second = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Page 2"));
        second.scrollIntoViewIfNeeded();
        assertThat(second).hasAttribute("data-drawn", "");
        page.setViewportSize(1280, 1200);
        second.screenshot(new Locator.ScreenshotOptions().setPath(folder.resolve("hand-out-page.png")));
        page.setViewportSize(1280, 800);
    }

    /** A case that was changed a few times, an earlier state of it named and opened. */
    private void history(Advisor advisor) {
        Page page = advisor.page();
        page.navigate("/cases");
        advisor.open("5 Heron Mews").say(Field.RATE, "6.25").waitUntilSaved();
        advisor.say(Field.TERM, "25").waitUntilSaved();
        advisor.say(Field.RATE, "5.875").waitUntilSaved();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("History").setExact(true))
                .click();
        Locator earlier = page.locator("main ol > li").nth(1);
        earlier.getByText("Name", new Locator.GetByTextOptions().setExact(false))
                .first()
                .click();
        page.getByLabel("Name of this state").fill("As sent to the lender");
        advisor.press("Keep");
        assertThat(earlier).containsText("As sent to the lender");
        earlier.getByText("Look").first().click();
        assertThat(page.getByText("Show it as a document")).isVisible();
        take(page, "history");
    }

    private void loan(Advisor advisor, String name) {
        Page page = advisor.open("14 Quarry Lane").page();
        assertThat(page.getByText("current rate")).isVisible();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Contact")))
                .isVisible();
        take(page, name);
    }

    private void lifeline(Advisor advisor, String title, String name) {
        advisor.page().navigate("/cases");
        advisor.open(title).view("Lifeline").find("2033");
        assertThat(advisor.page().getByTestId("range-reading")).isVisible();
        take(advisor.page(), name);
    }

    private void options(Advisor advisor, String title, String name) {
        advisor.page().navigate("/cases");
        advisor.open(title).view("Options");
        assertThat(advisor.page().getByRole(AriaRole.GRID)).isVisible();
        take(advisor.page(), name);
    }

    private void dark() {
        try (BrowserContext context = context(1280, 800, ColorScheme.DARK)) {
            Advisor advisor = new Advisor(context.newPage()).signIn(Advisor.EMAIL);
            options(advisor, "31 Tannery Row", "options-dark");
        }
    }

    private void narrow() {
        try (BrowserContext context = context(390, 844, ColorScheme.LIGHT)) {
            Advisor advisor = new Advisor(context.newPage()).signIn(Advisor.EMAIL);
            take(advisor.page(), "cases-narrow");
            loan(advisor, "loan-narrow");
            Page client = advisor.page();
            client.navigate("/cases");
            client.navigate(ClientPageTest.link(advisor.open("22 Harrow Court"), ""));
            client.getByLabel("Extra a month").fill("150");
            client.keyboard().press("Tab");
            assertThat(client.getByText("Changed by you.")).isVisible();
            assertThat(client.locator("[aria-busy=true]")).hasCount(0);
            take(client, "client-page");
        }
    }

    private BrowserContext context(int width, int height, ColorScheme colours) {
        return browser.newContext(new Browser.NewContextOptions()
                .setBaseURL(url)
                .setViewportSize(width, height)
                .setColorScheme(colours)
                .setReducedMotion(ReducedMotion.REDUCE));
    }

    private void take(Page page, String name) {
        page.mouse().move(0, 0);
        // What is still being asked for would be missing.
        assertThat(page.locator("[data-stale], [aria-busy=true], .index-entry > span:empty"))
                .hasCount(0);
        assertThat(page.getByText(Pattern.compile("^(Loading|Opening|Calculating).*…$")))
                .hasCount(0);
        page.evaluate("document.fonts.ready");
        page.evaluate("window.scrollTo(0, 0)");
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
