package app.impendium.server.handout.compose;

import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.HandoutDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.ProgrammeDocument;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What a hand-out tells of.
 *
 * @param option the place of the option that it tells of, from 0
 * @param titles what the options are called, in the case's order
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
        Optional<ProgrammeDocument> programme) {

    /** Options that were given no title are called by their names, or counted. */
    public Telling {
        List<String> given = titles;
        titles = IntStream.range(0, document.options().size())
                .mapToObj(place -> place < given.size() ? given.get(place) : title(document, place))
                .toList();
    }

    private static String title(CaseDocument document, int place) {
        String name = document.options().get(place).name();
        return name != null ? name : place == 0 ? "Baseline" : "Option " + (place + 1);
    }
}
