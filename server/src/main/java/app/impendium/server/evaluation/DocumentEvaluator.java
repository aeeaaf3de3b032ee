package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluation;
import app.impendium.core.CaseEvaluator;
import app.impendium.core.CaseFile;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.problem.RefusedException;
import java.util.function.Function;
import org.springframework.http.HttpStatus;

/** Evaluates a case document. */
public final class DocumentEvaluator {
    private DocumentEvaluator() {}

    /**
     * The figures of a document.
     *
     * @throws CaseException if it has no answer, with every finding
     */
    public static CaseEvaluation evaluate(CaseDocument document) {
        return CaseEvaluator.evaluate(CaseReader.read(document));
    }

    /**
     * What {@code answer} makes of one of the document's options.
     *
     * @param index counted from 0
     * @throws CaseException if the document or this option has no answer
     * @throws RefusedException if there is no such option
     */
    static <T> T ofOption(CaseDocument document, int index, Function<OptionEvaluation, T> answer) {
        CaseFile file = CaseReader.read(document);
        if (index < 0 || index >= file.options().size()) {
            throw new RefusedException(
                    HttpStatus.NOT_FOUND,
                    "No such option",
                    "The case has " + file.options().size() + " options.");
        }
        try {
            return answer.apply(CaseEvaluator.evaluate(file.options().get(index), file.assumptions()));
        } catch (CaseException e) {
            throw e.within(Field.entry(Field.OPTIONS, index));
        }
    }
}
