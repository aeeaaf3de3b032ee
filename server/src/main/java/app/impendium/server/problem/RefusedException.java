package app.impendium.server.problem;

import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;

/** A request that a feature refuses for a reason of its own, with what the client needs to go on. */
public final class RefusedException extends RuntimeException {
    private final HttpStatus status;
    private final String title;
    private final transient Map<String, Object> properties;

    public RefusedException(HttpStatus status, String title, String detail) {
        this(status, title, detail, Map.of());
    }

    /** @param properties further members of the problem document */
    public RefusedException(HttpStatus status, String title, String detail, Map<String, Object> properties) {
        super(detail);
        this.status = status;
        this.title = title;
        this.properties = Map.copyOf(properties);
    }

    /** A refusal of one field of the body, at this JSON Pointer. */
    public static RefusedException atField(String pointer, String given, String allowed, String message) {
        return new RefusedException(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "An entry is refused",
                message,
                Map.of("fields", List.of(FieldProblem.unread(pointer, given, allowed, message))));
    }

    public HttpStatus status() {
        return status;
    }

    public String title() {
        return title;
    }

    public Map<String, Object> properties() {
        return properties;
    }
}
