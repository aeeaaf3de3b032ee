package app.impendium.server.handout.compose;

import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.HandoutDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.ProgrammeDocument;
import java.util.List;
import java.util.Optional;

/**
 * What a hand-out tells of.
 *
 * @param option the place of the option that it tells of, from 0
 * @param titles what the options are called, one for each
 * @param choice what it says
 * @param limits the limit set that the case is looked at with
 * @param programme the programme that a let home is looked at with
 */
public record Telling(
        CaseDocument document,
        int option,
        List<String> titles,
        HandoutDocument choice,
        Optional<LimitSetDocument> limits,
        Optional<ProgrammeDocument> programme) {}
