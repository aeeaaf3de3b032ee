package app.impendium.server.handout.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.server.document.HandoutDocument.ScheduleBy;
import app.impendium.server.handout.DemoCases;
import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.problem.RefusedException;
import java.io.ByteArrayOutputStream;
import java.time.Duration;
import org.junit.jupiter.api.Test;

class PrintBoundsTest {
    private static final Duration LONG = Duration.ofHours(1);

    private final HandoutContent content = DemoCases.everything("weir-house", ScheduleBy.PAYMENT);
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();

    @Test
    void whatHasTooManyPagesIsRefusedBeforeAnyIsWritten() {
        assertThatThrownBy(() -> PdfPrinter.print(content, out, new PrintBounds(LONG, 3)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("allowed are 3");
        assertThat(out.size()).isZero();
    }

    @Test
    void whatTakesTooLongIsGivenUp() {
        assertThatThrownBy(() -> PdfPrinter.print(content, out, new PrintBounds(Duration.ZERO, 1000)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("It takes too long to print");
        assertThat(out.size()).isZero();
    }
}
