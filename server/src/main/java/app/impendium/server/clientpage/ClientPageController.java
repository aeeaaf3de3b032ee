package app.impendium.server.clientpage;

import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * A client's page, for whoever holds its link's key. Key and word come in the body, so that neither stands in an address, which
 * servers on the way write down.
 */
@RestController
class ClientPageController {
    private static final int NARROWEST_CHART = 280;
    private static final int WIDEST_CHART = 960;

    private final ClientPages pages;

    ClientPageController(ClientPages pages) {
        this.pages = pages;
    }

    /**
     * What a client asks for.
     *
     * @param key as the link says it
     * @param word what they typed, where the page asks for a word; absent before
     * @param changes absent for the page as advised
     * @param chartWidth how wide the charts are, in pixels; brought within 280 to 960
     */
    record PageQuestion(
            String key,
            @Schema(nullable = true) String word,
            @Schema(nullable = true) ClientChanges changes,
            int chartWidth) {}

    /** The page with its figures. */
    @PostMapping("/api/client-page")
    ClientPageView page(@RequestBody PageQuestion question) {
        int chartWidth = Math.max(NARROWEST_CHART, Math.min(question.chartWidth(), WIDEST_CHART));
        return pages.page(question.key(), question.word(), orNone(question.changes()), chartWidth);
    }

    /**
     * A note of a client.
     *
     * @param key as the link says it
     * @param word what they typed, where the page asks for a word; absent otherwise
     * @param words what they say, from 1 to 2,000 characters
     * @param changes what the page says differently as they write; absent for nothing
     */
    record NoteQuestion(
            String key,
            @Schema(nullable = true) String word,
            String words,
            @Schema(nullable = true) ClientChanges changes) {}

    /** Sends a note to the practice. */
    @PostMapping("/api/client-page/notes")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void send(@RequestBody NoteQuestion note) {
        pages.send(note.key(), note.word(), note.words(), orNone(note.changes()));
    }

    private static ClientChanges orNone(ClientChanges changes) {
        return changes == null ? ClientChanges.NONE : changes;
    }
}
