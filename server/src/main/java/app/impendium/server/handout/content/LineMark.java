package app.impendium.server.handout.content;

import io.swagger.v3.oas.annotations.media.Schema;

/**
 * An SVG path that is drawn along.
 *
 * @param dash strokes and gaps in pixels, such as 4 3; absent for a whole line
 * @param thickness in pixels
 */
public record LineMark(
        String path, String stroke, @Schema(nullable = true) String dash, double thickness) implements Mark {
    static final String MARK = "line";

    /** A whole line of one pixel. */
    public static LineMark thin(String path, String stroke) {
        return new LineMark(path, stroke, null, 1);
    }
}
