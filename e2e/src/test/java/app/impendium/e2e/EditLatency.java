package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;

/** From key press to repainted figures, over two hundred edits of the rate, with one option and with six. Run by ./impendium bench. */
final class EditLatency {
    private static final int WARM_UP = 20;
    private static final int EDITS = 200;
    private static final int MOST_OPTIONS = 6;

    /** Notes when each key went down, and when the frame with the changed payment had been painted. */
    private static final String WATCH = """
            () => {
              window.latencies = []
              let pressed = 0
              document.addEventListener('keydown', () => { pressed = performance.now() }, { capture: true })
              const payment = document.querySelector('[data-testid="total-PAYMENT"]')
              new MutationObserver(() => {
                const start = pressed
                requestAnimationFrame(() => {
                  const painted = new MessageChannel()
                  painted.port1.onmessage = () => window.latencies.push(performance.now() - start)
                  painted.port2.postMessage(null)
                })
              }).observe(payment, { characterData: true, subtree: true, childList: true })
            }
            """;

    private EditLatency() {}

    public static void main(String[] arguments) {
        Measurement.of(EditLatency::measure);
    }

    private static void measure(Advisor advisor) {
        edit(advisor, "one option");
        for (int options = 2; options <= MOST_OPTIONS; options++) {
            advisor.press(options == 2 ? "Add option…" : "Option…").item("Duplicate");
            assertThat(advisor.page().getByRole(AriaRole.TAB)).hasCount(options);
        }
        edit(advisor, "six options");
    }

    private static void edit(Advisor advisor, String of) {
        Page page = advisor.page();
        // What was watched before is another page's.
        page.reload();
        assertThat(advisor.figure(Field.RATE)).isVisible();
        page.evaluate(WATCH);
        advisor.figure(Field.RATE).focus();
        for (int edit = 1; edit <= WARM_UP + EDITS; edit++) {
            page.keyboard().press(edit % 2 == 0 ? "ArrowDown" : "ArrowUp");
            page.waitForFunction("count => window.latencies.length === count", edit);
        }
        print(page, of);
    }

    @SuppressWarnings("unchecked")
    private static void print(Page page, String of) {
        List<Number> latencies = (List<Number>) page.evaluate("window.latencies");
        double[] sorted = latencies.stream()
                .skip(WARM_UP)
                .mapToDouble(Number::doubleValue)
                .sorted()
                .toArray();
        System.out.printf(
                "Key press to repainted figures, %s, %d edits: median %.1f ms, 95th percentile %.1f ms, worst %.1f ms%n",
                of,
                sorted.length,
                sorted[sorted.length / 2],
                sorted[sorted.length * 95 / 100],
                sorted[sorted.length - 1]);
    }
}
