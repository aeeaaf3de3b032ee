package app.impendium.server.evaluation;

import app.impendium.core.CaseFile;
import app.impendium.core.LoanOption;
import app.impendium.core.cost.CreditCostRate;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.rate.YearlyChange;
import java.util.ArrayList;
import java.util.List;

/** Turns a case document into the case that the computation knows, or refuses it with everything that is wrong. */
final class CaseReader {
    private static final int MOST_CHARACTERS = 200;

    private CaseReader() {}

    /**
     * The case of a document.
     *
     * @throws CaseException if anything in the document has no meaning, with every finding
     */
    static CaseFile read(CaseDocument document) {
        Findings findings = new Findings();
        checkFormat(document.format(), findings);
        checkText("title", document.title(), 1, MOST_CHARACTERS, findings);
        checkText("clients", document.clients(), 0, MOST_CHARACTERS, findings);
        required("currency", document.currency(), findings);
        findings.field("valueGrowthPercent", () -> valueGrowth(document));
        List<LoanOption> options = readOptions(document, findings);
        findings.throwIfAny();
        return new CaseFile(options);
    }

    /**
     * By how much the home's value is taken to change in a year.
     *
     * @throws CaseException if it is outside its range
     */
    static YearlyChange valueGrowth(CaseDocument document) {
        return document.valueGrowthPercent() == null
                ? YearlyChange.NONE
                : new YearlyChange(document.valueGrowthPercent());
    }

    /** Whether a text can be stored and shown: no control characters, no half of a character. */
    static boolean isPlainText(String text) {
        return text.codePoints()
                .noneMatch(c -> Character.isISOControl(c) || Character.getType(c) == Character.SURROGATE);
    }

    private static List<LoanOption> readOptions(CaseDocument document, Findings findings) {
        List<LoanOption> options = new ArrayList<>();
        List<OptionDocument> given = document.options() == null ? List.of() : document.options();
        if (findings.field("options", () -> CaseFile.checkedCount(given.size())).isEmpty()) {
            return options;
        }
        CreditCostRate costRate = Market.of(document).creditCostRate();
        for (int i = 0; i < given.size(); i++) {
            OptionDocument option = given.get(i);
            String path = "options[" + i + "]";
            if (required(path, option, findings)) {
                findings.group(path, () -> OptionReader.read(option, costRate)).ifPresent(options::add);
            }
        }
        return options;
    }

    private static void checkFormat(Integer format, Findings findings) {
        if (format == null || format != CaseDocument.FORMAT) {
            findings.add(new Finding(
                    "format",
                    String.valueOf(format),
                    String.valueOf(CaseDocument.FORMAT),
                    "This case is written in format " + format + "; only format " + CaseDocument.FORMAT
                            + " can be read."));
        }
    }

    /** Adds a finding for a text that is too short, too long or cannot be printed. */
    static void checkText(String field, String text, int fewest, int most, Findings findings) {
        if (!required(field, text, findings)) {
            return;
        }
        int length = text.strip().length();
        if (length < fewest || length > most) {
            String allowed = fewest + " to " + most + " characters";
            findings.add(new Finding(
                    field,
                    length + " characters",
                    allowed,
                    "The " + field + " must have " + allowed + ", and has " + length + "."));
        } else if (!isPlainText(text)) {
            findings.add(new Finding(
                    field,
                    "control characters",
                    "letters, digits and signs",
                    "The " + field + " holds characters that cannot be printed."));
        }
    }

    /** Whether a value is there; adds a finding if it is not. */
    static boolean required(String field, Object value, Findings findings) {
        if (value == null) {
            findings.add(new Finding(field, "nothing", "a value", "A value is missing here."));
        }
        return value != null;
    }
}
