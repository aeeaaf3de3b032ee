package app.impendium.server.workbook;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import org.apache.poi.xssf.streaming.SXSSFWorkbook;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.task.TaskExecutor;
import org.springframework.stereotype.Component;

/**
 * Writes a workbook for nobody once the program has started: the first one loads a library, for which no advisor is to wait.
 */
@Component
class FirstWorkbook {
    private final TaskExecutor executor;

    FirstWorkbook(@Qualifier("applicationTaskExecutor") TaskExecutor executor) {
        this.executor = executor;
    }

    @EventListener(ApplicationReadyEvent.class)
    void write() {
        executor.execute(() -> {
            try (SXSSFWorkbook workbook = new SXSSFWorkbook()) {
                SheetWriter sheet = new SheetWriter(workbook, new Styles(workbook), "Nothing");
                sheet.next();
                sheet.heading(0, "Nothing");
                sheet.value(1, 1, Styles.Kind.INPUT, SheetWriter.AMOUNT);
                sheet.name(1, "One");
                sheet.formula(2, "One+1", 2, SheetWriter.NUMBER);
                workbook.getXSSFWorkbook().getProperties().getCoreProperties().setTitle("Nothing");
                workbook.write(OutputStream.nullOutputStream());
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }
}
