package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * An advisor at a browser goes on typing while one of two instances behind a proxy is killed, until a file says that it is over: what they
 * typed last is saved, and nothing on the way asked anything of them. Run by ./impendium soak, with the proxy's address and that file.
 */
final class SoakProxy {
    private SoakProxy() {}

    public static void main(String[] arguments) throws Exception {
        Path over = Path.of(arguments[1]);
        try (Playwright playwright = Playwright.create();
                Browser browser = Chromium.launch(playwright)) {
            Page page = browser.newContext(new Browser.NewContextOptions().setBaseURL(arguments[0]))
                    .newPage();
            Advisor advisor = new Advisor(page).signIn(Advisor.EMAIL).begin("Typed through it all", "");
            int changes = 0;
            int asked = 0;
            while (!Files.exists(over)) {
                changes++;
                advisor.say(Field.TERM, String.valueOf(10 + changes % 20));
                page.waitForTimeout(200);
                asked += page.getByRole(AriaRole.DIALOG).count();
            }
            advisor.waitUntilSaved();
            page.reload();
            assertThat(advisor.figure(Field.TERM)).hasValue((10 + changes % 20) + " years");
            System.out.printf("%d changes typed, the last is saved; the advisor was asked %d times%n", changes, asked);
            System.exit(asked == 0 ? 0 : 1);
        }
    }
}
