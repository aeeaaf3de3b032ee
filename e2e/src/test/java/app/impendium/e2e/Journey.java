package app.impendium.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ExtensionContext.StoreScope;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A journey through the packaged application, started once for all of them, with browsers as people have them. */
abstract class Journey {
    private static final int WIDTH = 1280;
    private static final int HEIGHT = 800;

    /** How long an expectation may take to come true on a machine that is busy. */
    private static final double PATIENCE_MS = 20_000;

    @RegisterExtension
    static final Stage STAGE = new Stage();

    private final List<BrowserContext> contexts = new ArrayList<>();

    @AfterEach
    void closeBrowsers() {
        contexts.forEach(BrowserContext::close);
    }

    /** Somebody at a browser of their own, not signed in yet. */
    Advisor someone() {
        return someone(new Browser.NewContextOptions());
    }

    /** The same with a browser set up otherwise. */
    Advisor someone(Browser.NewContextOptions options) {
        if (options.viewportSize == null) {
            options.setViewportSize(WIDTH, HEIGHT);
        }
        BrowserContext context = STAGE.set
                .browser()
                .newContext(options.setBaseURL(STAGE.set.application().url()));
        contexts.add(context);
        return new Advisor(context.newPage());
    }

    /** Every line that the application has written so far. */
    List<String> log() {
        return STAGE.set.application().log();
    }

    /** Changes something in the application's database behind its back. */
    void runSql(String sql) {
        STAGE.set.application().runSql(sql);
    }

    /** Sets up what all journeys share before the first, and takes it down after the last. */
    static final class Stage implements BeforeAllCallback {
        private Set set;

        @Override
        public void beforeAll(ExtensionContext context) {
            // For as long as this process runs tests: their classes come to it one by one, each as a run of its own.
            set = context.getStore(StoreScope.LAUNCHER_SESSION, Namespace.create(Stage.class))
                    .getOrComputeIfAbsent(Set.class, key -> Set.up(), Set.class);
        }
    }

    /** The application and a browser to look at it. */
    record Set(ApplicationProcess application, Playwright playwright, Browser browser) implements AutoCloseable {

        /**
         * It lives too short for code compiled with more care, which took half of its processor time. What is bounded by that time is
         * given more: lightly compiled and beside others, the same calculation costs several times as much.
         */
        private static final Map<String, String> LIGHTLY_COMPILED =
                Map.of("JAVA_TOOL_OPTIONS", "-XX:TieredStopAtLevel=1", "IMPENDIUM_LONGEST_CALCULATION", "20s");

        static Set up() {
            PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
            Playwright playwright = Playwright.create();
            return new Set(ApplicationProcess.start(LIGHTLY_COMPILED), playwright, Chromium.launch(playwright));
        }

        @Override
        public void close() {
            browser.close();
            playwright.close();
            application.close();
        }
    }
}
