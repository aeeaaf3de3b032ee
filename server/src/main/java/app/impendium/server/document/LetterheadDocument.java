package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * How a practice presents itself on what it hands out.
 *
 * @param name what it is called there, from 1 to 100 characters
 * @param address in up to six lines, at most 400 characters
 * @param logo a PNG or JPEG image as a data address, at most 300,000 characters; absent for none
 * @param disclaimers what it says below every hand-out, each market at most once
 */
public record LetterheadDocument(
        String name,
        String address,
        @Schema(nullable = true) String logo,
        List<DisclaimerDocument> disclaimers) {

    /** A list that is not sent is empty. */
    public LetterheadDocument {
        disclaimers = disclaimers == null ? List.of() : disclaimers;
    }

    /**
     * What is said below the hand-outs of a market's cases.
     *
     * @param text at most 2,000 characters
     */
    public record DisclaimerDocument(Market market, String text) {}
}
