package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.stream.IntStream;

/** The lifeline of fifty years paid weekly: first paint, dragging the marker, scrolling. Run by ./impendium bench. */
final class LifelineSpeed {
    private static final int MOVES = 240;

    /** Notes when the schedule was painted first after its answer had come. */
    private static final String WATCH_FIRST_PAINT = """
            () => {
              const observer = new MutationObserver(() => {
                if (!document.querySelector('[data-testid="schedule"] [role="rowheader"]')) return
                observer.disconnect()
                requestAnimationFrame(() => {
                  const painted = new MessageChannel()
                  painted.port1.onmessage = () => {
                    const answers = performance.getEntriesByType('resource').filter(each => each.name.includes('/api/schedules/'))
                    window.firstPaint = performance.now() - answers.at(-1).responseEnd
                  }
                  painted.port2.postMessage(null)
                })
              })
              observer.observe(document.body, { childList: true, subtree: true })
            }
            """;

    /** Notes the time between frames, and whether rows covered the schedule in each. */
    private static final String WATCH_FRAMES = """
            () => {
              window.frames_ = []
              window.gaps = 0
              const box = document.querySelector('[data-testid="schedule"]')
              let before = performance.now()
              const frame = now => {
                window.frames_.push(now - before)
                before = now
                const { top, bottom } = box.getBoundingClientRect()
                const rows = [...box.querySelectorAll('.schedule-line')].map(row => row.getBoundingClientRect())
                if (Math.min(...rows.map(row => row.top)) > top + 40 || Math.max(...rows.map(row => row.bottom)) < bottom - 2) window.gaps++
                window.watching = requestAnimationFrame(frame)
              }
              window.watching = requestAnimationFrame(frame)
            }
            """;

    private static final int VISITS = 15;

    private LifelineSpeed() {}

    public static void main(String[] arguments) {
        Measurement.of(LifelineSpeed::measure);
    }

    private static void measure(Advisor advisor) {
        advisor.choose("Payment frequency", "weekly");
        advisor.say(Field.TERM, "50");
        assertThat(advisor.total("PAYMENTS")).hasText("2,600");
        advisor.waitUntilSaved();
        double[] firstPaints = IntStream.range(0, VISITS)
                .mapToDouble(visit -> firstPaint(advisor))
                .sorted()
                .toArray();
        System.out.printf(
                "Schedule of 2,600 lines, from its answer to first paint, %d visits: median %.0f ms, from %.0f to %.0f ms%n",
                VISITS, firstPaints[VISITS / 2], firstPaints[0], firstPaints[VISITS - 1]);
        drag(advisor.page());
        scroll(advisor.page());
    }

    /** Of a visit to the lifeline by a browser that has nothing of the case in memory. */
    private static double firstPaint(Advisor advisor) {
        Page page = advisor.page();
        advisor.view("Loan");
        page.reload();
        assertThat(advisor.total("PAYMENTS")).hasText("2,600");
        page.evaluate(WATCH_FIRST_PAINT);
        advisor.view("Lifeline");
        page.waitForFunction("window.firstPaint !== undefined");
        return ((Number) page.evaluate("window.firstPaint")).doubleValue();
    }

    private static void drag(Page page) {
        BoundingBox picture = page.getByTestId("lifeline-picture").boundingBox();
        BoundingBox marker = page.getByRole(AriaRole.SLIDER).boundingBox();
        double y = picture.y + picture.height / 2;
        page.mouse().move(marker.x + 1, y);
        page.mouse().down();
        page.evaluate(WATCH_FRAMES);
        for (int move = 1; move <= MOVES; move++) {
            page.mouse().move(picture.x + picture.width * move / MOVES, y);
        }
        page.mouse().up();
        report(page, "Dragging the marker across");
    }

    private static void scroll(Page page) {
        Locator schedule = page.getByTestId("schedule");
        schedule.getByText("open all years").click(new Locator.ClickOptions().setForce(true));
        BoundingBox box = schedule.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.evaluate(WATCH_FRAMES);
        for (int turn = 0; turn < MOVES; turn++) {
            page.mouse().wheel(0, 290);
        }
        report(page, "Scrolling the opened schedule to its end");
    }

    @SuppressWarnings("unchecked")
    private static void report(Page page, String what) {
        page.evaluate("cancelAnimationFrame(window.watching)");
        double[] frames = ((List<Number>) page.evaluate("window.frames_"))
                .stream().mapToDouble(Number::doubleValue).skip(1).sorted().toArray();
        System.out.printf(
                "%s: %d frames, median %.1f ms, 95th percentile %.1f ms apart; %s of them with rows missing%n",
                what,
                frames.length,
                frames[frames.length / 2],
                frames[frames.length * 95 / 100],
                page.evaluate("window.gaps"));
    }
}
