package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What an issued hand-out was made from: composed again by the same version, it says the same.
 *
 * @param document the case as it was
 * @param option the place of the option that it tells of, from 0
 * @param titles what the options were called
 * @param choice what it says
 * @param limits the limit set that the case was looked at with; absent for none
 * @param programme the programme that a let home was looked at with; absent for none
 */
public record IssuedHandoutDocument(
        CaseDocument document,
        Integer option,
        List<String> titles,
        HandoutDocument choice,
        @Schema(nullable = true) LimitSetDocument limits,
        @Schema(nullable = true) ProgrammeDocument programme) {}
