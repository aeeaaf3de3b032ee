package app.impendium.server.evaluation;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Findings;
import app.impendium.server.document.CaseDocument;
import java.util.List;
import java.util.stream.IntStream;

/** What the options of a case are called where they stand beside one another. */
public final class Titles {
    private static final int MOST_CHARACTERS = 200;

    private Titles() {}

    /**
     * A title for each option: as given, and where none is given its name, or its number.
     *
     * @param given in the case's order, each at most 200 characters
     * @throws CaseException if one cannot be shown
     */
    public static List<String> of(CaseDocument document, List<String> given) {
        List<String> titles = given == null ? List.of() : given;
        Findings findings = new Findings();
        for (int i = 0; i < titles.size(); i++) {
            Needed.text("titles[" + i + "]", titles.get(i), 1, MOST_CHARACTERS, findings);
        }
        findings.throwIfAny();
        int options = document.options() == null ? 0 : document.options().size();
        return IntStream.range(0, options)
                .mapToObj(place -> place < titles.size() ? titles.get(place) : usual(document, place))
                .toList();
    }

    private static String usual(CaseDocument document, int place) {
        String name = document.options().get(place) == null
                ? null
                : document.options().get(place).name();
        return name != null ? name : place == 0 ? "Baseline" : "Option " + (place + 1);
    }
}
