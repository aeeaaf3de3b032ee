package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;

/**
 * Where a figure comes from that was estimated outside, kept beside it until another takes its place.
 *
 * @param source who estimated it, from 1 to 60 characters
 * @param day when
 * @param simulated whether a stand-in made it up
 * @param lowCents the lower end of its range
 * @param highCents the upper end of its range
 * @param about what it rests on, at most 120 characters; absent where that is not said
 */
public record EstimateDocument(
        String source,
        LocalDate day,
        Boolean simulated,
        Long lowCents,
        Long highCents,
        @Schema(nullable = true) String about) {}
