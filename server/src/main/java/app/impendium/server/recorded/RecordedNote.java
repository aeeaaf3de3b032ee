package app.impendium.server.recorded;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Objects;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * What the log tells of a recorded request besides who did what to what: the name of what is gone afterwards, say. Nothing of a
 * client, whom an erasure leaves in no log.
 */
public final class RecordedNote {
    private static final String NAME = RecordedNote.class.getName();

    private RecordedNote() {}

    /** Tells it of the request under way. */
    public static void say(String note) {
        RequestContextHolder.currentRequestAttributes().setAttribute(NAME, note, RequestAttributes.SCOPE_REQUEST);
    }

    /** What was told of a request; empty for nothing. */
    public static String of(HttpServletRequest request) {
        return Objects.toString(request.getAttribute(NAME), "");
    }
}
