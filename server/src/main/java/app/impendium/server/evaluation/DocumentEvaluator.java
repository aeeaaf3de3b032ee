package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluation;
import app.impendium.core.CaseEvaluator;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import java.util.Map;

/** Works out a case document. */
public final class DocumentEvaluator {
    /** Where the computation's own names of fields lie in an option of the document. */
    private static final Map<String, String> DOCUMENT_FIELDS = Map.of(
            "term", "termMonths",
            "payments", "termMonths",
            "payment", "chosenPaymentCents",
            "residualBalance", "residualCents",
            "amount", "loanCents");

    private DocumentEvaluator() {}

    /**
     * The figures of a document.
     *
     * @throws CaseException if it has no answer, with every finding at its field of the document
     */
    public static CaseEvaluation evaluate(CaseDocument document) {
        var file = CaseReader.read(document);
        try {
            return CaseEvaluator.evaluate(file);
        } catch (CaseException e) {
            throw new CaseException(
                    e.findings().stream().map(DocumentEvaluator::inDocument).toList());
        }
    }

    private static Finding inDocument(Finding finding) {
        int lastStep = finding.field().lastIndexOf('.') + 1;
        String name = finding.field().substring(lastStep);
        return finding.at(finding.field().substring(0, lastStep) + DOCUMENT_FIELDS.getOrDefault(name, name));
    }
}
