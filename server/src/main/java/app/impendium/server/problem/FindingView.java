package app.impendium.server.problem;

import app.impendium.core.finding.Code;
import app.impendium.core.finding.Finding;
import java.util.List;

/**
 * What is wrong, as a code with values that a client can word itself, and as an English sentence.
 *
 * @param values in the order that the code says, the first being what was given
 */
public record FindingView(Code code, List<ValueView> values, String message) {

    public static FindingView of(Finding finding) {
        return new FindingView(
                finding.code(),
                finding.values().stream().map(ValueView::of).toList(),
                FindingWords.of(finding).message());
    }
}
