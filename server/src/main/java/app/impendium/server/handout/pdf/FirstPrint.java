package app.impendium.server.handout.pdf;

import app.impendium.server.handout.content.AreaMark;
import app.impendium.server.handout.content.ChartBlock;
import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.handout.content.HandoutContent.LetterheadContent;
import app.impendium.server.handout.content.HandoutContent.Paper;
import app.impendium.server.handout.content.HandoutContent.SectionContent;
import app.impendium.server.handout.content.TableBlock;
import app.impendium.server.handout.content.TableBlock.ColumnContent;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.task.TaskExecutor;
import org.springframework.stereotype.Component;

/**
 * Prints a page for nobody once the program has started: the first print loads faces and a library, for which no client is to
 * wait.
 */
@Component
class FirstPrint {
    private static final int LINES = 360;

    private final TaskExecutor executor;

    FirstPrint(@Qualifier("applicationTaskExecutor") TaskExecutor executor) {
        this.executor = executor;
    }

    @EventListener(ApplicationReadyEvent.class)
    void print() {
        executor.execute(FirstPrint::printForNobody);
    }

    private static void printForNobody() {
        try {
            PdfPrinter.print(page(), OutputStream.nullOutputStream());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What takes longest on any hand-out: a chart, and a table over several pages. */
    private static HandoutContent page() {
        TableBlock table = new TableBlock(
                "Lines",
                List.of(new ColumnContent("Line", false), new ColumnContent("Amount", true)),
                Collections.nCopies(LINES, TableBlock.row(List.of("Line", "1,234.56"))));
        ChartBlock chart = new ChartBlock("Chart", "An area.", 100, 100, List.of(new AreaMark("M0,0H9V9Z", "balance")));
        return new HandoutContent(
                HandoutContent.FORMAT,
                "en-US",
                Paper.LETTER,
                new LetterheadContent("Nobody", "", null),
                "First print",
                "",
                LocalDate.EPOCH,
                "",
                List.of(new SectionContent("Section", List.of(chart, table))),
                "",
                "",
                List.of());
    }
}
