package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;

/** From key press to repainted figures, over two hundred edits of the rate or an income, with one option and with six. Run by ./impendium bench. */
final class EditLatency {
    private static final int WARM_UP = 20;
    private static final int EDITS = 200;
    private static final int MOST_OPTIONS = 6;

    /** Notes when each key went down, and when the frame with the changed figure had been painted. */
    private static final String WATCH = """
            watched => {
              window.latencies = []
              let pressed = 0
              document.addEventListener('keydown', () => { pressed = performance.now() }, { capture: true })
              const figure = document.querySelector(watched)
              new MutationObserver(() => {
                const start = pressed
                requestAnimationFrame(() => {
                  const painted = new MessageChannel()
                  painted.port1.onmessage = () => window.latencies.push(performance.now() - start)
                  painted.port2.postMessage(null)
                })
              }).observe(figure, { characterData: true, subtree: true, childList: true })
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

        // Another figure in each column, and the baseline's sentence open among them.
        for (int option = 1; option < MOST_OPTIONS; option++) {
            advisor.page().getByRole(AriaRole.TAB).nth(option).click();
            advisor.say(Field.RATE, "7." + option);
        }
        advisor.page().getByRole(AriaRole.TAB).first().click();
        advisor.view("Options");
        advisor.page().reload();
        advisor.column("Baseline").click();
        advisor.item("Edit its sentence");
        watch(advisor, "the options view with six options", "[data-row='KEPT_COST'] td:nth-child(2)");
        earn(advisor);
        let(advisor);
    }

    private static void edit(Advisor advisor, String of) {
        // What was watched before is another page's.
        advisor.page().reload();
        watch(advisor, of, "[data-testid='total-PAYMENT']");
    }

    /** Types a digit into an income and takes it back, with six options in the case. */
    private static void earn(Advisor advisor) {
        Page page = advisor.page();
        advisor.waitUntilSaved();
        advisor.view("Affordability");
        // The sentence that is open among the options is left behind.
        page.reload();
        advisor.press("Add an income");
        Locator income = page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Income").setExact(true));
        income.fill("salary 94,800 a year");
        page.keyboard().press("Tab");
        assertThat(advisor.answer()).containsText("They earn 7,900.00 a month.");
        page.evaluate(WATCH, ".income-left");
        income.focus();
        income.evaluate("input => input.setSelectionRange(8, 8)");
        repeat(page, "an income in the affordability view with six options", "1", "Backspace");
    }

    /** Types a digit into the rent of a let home and takes it back, with six options in the case. */
    private static void let(Advisor advisor) {
        Page page = advisor.page();
        advisor.waitUntilSaved();
        advisor.view("Rental");
        advisor.press("It is to let");
        Locator rent = page.getByLabel("Rent a month", new Page.GetByLabelOptions().setExact(true));
        rent.fill("1,850");
        page.keyboard().press("Tab");
        assertThat(page.getByTestId("cover")).isVisible();
        page.evaluate(WATCH, "[data-testid='cash-flow']");
        rent.focus();
        rent.evaluate("input => input.setSelectionRange(1, 1)");
        repeat(page, "the rent in the rental view with six options", "1", "Backspace");
    }

    private static void watch(Advisor advisor, String of, String figure) {
        Page page = advisor.page();
        assertThat(advisor.figure(Field.RATE)).isVisible();
        assertThat(page.locator(figure)).isVisible();
        page.evaluate(WATCH, figure);
        advisor.figure(Field.RATE).focus();
        repeat(page, of, "ArrowUp", "ArrowDown");
    }

    private static void repeat(Page page, String of, String key, String back) {
        for (int edit = 1; edit <= WARM_UP + EDITS; edit++) {
            page.keyboard().press(edit % 2 == 0 ? back : key);
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
