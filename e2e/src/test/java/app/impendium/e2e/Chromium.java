package app.impendium.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.List;

/** The machine's Chromium, without a window. */
final class Chromium {
    private static final List<String> FLAGS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--disable-dev-shm-usage",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    private Chromium() {}

    static Browser launch(Playwright playwright) {
        return playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of(ApplicationProcess.setting("IMPENDIUM_CHROMIUM")))
                        .setArgs(FLAGS));
    }
}
