package app.impendium.server.handout.compose;

import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.HandoutDocument;
import app.impendium.server.document.IssuedHandoutDocument;
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
 * @param chartWidth how wide its charts are, in pixels
 */
public record Telling(
        CaseDocument document,
        int option,
        List<String> titles,
        HandoutDocument choice,
        Optional<LimitSetDocument> limits,
        Optional<ProgrammeDocument> programme,
        int chartWidth) {
    /** How wide charts are on paper, in pixels. */
    public static final int PAPER_WIDTH = 680;

    /** What was kept, told again with charts of some width. */
    public static Telling again(IssuedHandoutDocument kept, int chartWidth) {
        return new Telling(
                kept.document(),
                kept.option(),
                kept.titles(),
                kept.choice(),
                Optional.ofNullable(kept.limits()),
                Optional.ofNullable(kept.programme()),
                chartWidth);
    }

    /** The same of another state of the case, whose options are called so. */
    public Telling with(CaseDocument other, List<String> otherTitles) {
        return new Telling(other, option, otherTitles, choice, limits, programme, chartWidth);
    }

    /** All of it, to be kept. */
    public IssuedHandoutDocument kept() {
        return new IssuedHandoutDocument(document, option, titles, choice, limits.orElse(null), programme.orElse(null));
    }
}
