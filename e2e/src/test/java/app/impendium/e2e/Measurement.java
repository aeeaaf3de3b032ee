package app.impendium.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Playwright;
import java.util.function.Consumer;

/** Measures the packaged application in a browser, at a case of the measurement's own. */
final class Measurement {
    private Measurement() {}

    static void of(Consumer<Advisor> measured) {
        try (ApplicationProcess application = ApplicationProcess.start();
                Playwright playwright = Playwright.create();
                Browser browser = Chromium.launch(playwright);
                BrowserContext context =
                        browser.newContext(new Browser.NewContextOptions().setBaseURL(application.url()))) {
            measured.accept(new Advisor(context.newPage()).signIn(Advisor.EMAIL).begin("Measured", ""));
        }
    }
}
