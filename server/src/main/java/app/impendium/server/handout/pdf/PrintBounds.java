package app.impendium.server.handout.pdf;

import app.impendium.server.problem.RefusedException;
import com.openhtmltopdf.extend.FSTextBreaker;
import com.openhtmltopdf.layout.UrlAwareLineBreakIterator;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.text.BreakIterator;
import java.time.Duration;
import java.util.Locale;
import org.springframework.http.HttpStatus;

/**
 * How much one document may take: time of a processor while its lines are broken, which is most of the work, and pages. A new one for
 * each document, on the thread that prints it.
 */
final class PrintBounds implements FSTextBreaker {
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();
    /** Looking at the time takes as long as breaking a line: it is done now and then. */
    private static final int LINES_BETWEEN_LOOKS = 64;

    private final FSTextBreaker lines = new UrlAwareLineBreakIterator(BreakIterator.getLineInstance(Locale.US));
    private final long endNanos;
    private final int mostPages;
    private int sinceLook;

    PrintBounds(Duration mostTime, int mostPages) {
        this.endNanos = THREADS.getCurrentThreadCpuTime() + mostTime.toNanos();
        this.mostPages = mostPages;
    }

    /** @throws RefusedException if it has taken too long */
    @Override
    public void setText(String text) {
        sinceLook++;
        if (sinceLook == LINES_BETWEEN_LOOKS) {
            sinceLook = 0;
            if (THREADS.getCurrentThreadCpuTime() > endNanos) {
                throw refusal("It takes too long to print.");
            }
        }
        lines.setText(text);
    }

    @Override
    public int next() {
        return lines.next();
    }

    /** @throws RefusedException if there are too many */
    void checkPages(int pages) {
        if (pages > mostPages) {
            throw refusal("It has " + pages + " pages, allowed are " + mostPages + ".");
        }
    }

    private static RefusedException refusal(String why) {
        return new RefusedException(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "This is too long to print",
                why + " Leave out a section, or tell the schedule by year.");
    }
}
