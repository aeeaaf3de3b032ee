package app.impendium.server.handout;

import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.OptionDocument;
import app.impendium.server.evaluation.CaseAnswers;
import java.util.List;

/** The option that a hand-out tells of: whichever the advisor looked at last is nothing that a client is told by. */
final class MainOption {
    private MainOption() {}

    /** The recommended one; where none is, the one that costs least for as long as they keep it. Counted from 0. */
    static int of(CaseDocument document) {
        List<String> ids = document.options().stream().map(OptionDocument::id).toList();
        int recommended = document.recommended() == null ? -1 : ids.indexOf(document.recommended());
        return recommended >= 0 ? recommended : cheapest(document);
    }

    /** The first, where no option has figures: it tells what is wrong. */
    private static int cheapest(CaseDocument document) {
        return document.options().size() == 1
                ? 0
                : new CaseAnswers(document)
                        .comparison().cheapestThen().stream().findFirst().orElse(0);
    }
}
