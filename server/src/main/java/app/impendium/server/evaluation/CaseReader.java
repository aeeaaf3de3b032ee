package app.impendium.server.evaluation;

import app.impendium.core.Assumptions;
import app.impendium.core.CaseFile;
import app.impendium.core.LoanOption;
import app.impendium.core.cost.CreditCostRate;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Value;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.YearlyChange;
import app.impendium.server.document.AssumptionsDocument;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.Market;
import app.impendium.server.document.OptionDocument;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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
        Needed.text("title", document.title(), 1, MOST_CHARACTERS, findings);
        Needed.text("clients", document.clients(), 0, MOST_CHARACTERS, findings);
        Needed.isThere("currency", document.currency(), findings);
        Optional<Assumptions> assumptions = findings.group("assumptions", () -> assumptions(document.assumptions()));
        List<LoanOption> options = readOptions(document, findings);
        findings.throwIfAny();
        return new CaseFile(options, assumptions.orElseThrow());
    }

    private static Assumptions assumptions(AssumptionsDocument given) {
        Findings findings = new Findings();
        Optional<YearlyChange> homeValue =
                findings.field("homeValuePercent", () -> new YearlyChange(orZero(given.homeValuePercent())));
        Optional<AnnualRate> discount =
                findings.field("discountPercent", () -> AnnualRate.ofPercent(orZero(given.discountPercent())));
        Optional<Percent> tax =
                findings.field("marginalTaxPercent", () -> new Percent(orZero(given.marginalTaxPercent())));
        Optional<LoanTerm> kept = Optional.ofNullable(given.keptMonths())
                .flatMap(months -> findings.field("keptMonths", () -> new LoanTerm(months)));
        findings.throwIfAny();
        return new Assumptions(homeValue.orElseThrow(), discount.orElseThrow(), tax.orElseThrow(), kept);
    }

    private static BigDecimal orZero(BigDecimal percent) {
        return percent == null ? BigDecimal.ZERO : percent;
    }

    private static List<LoanOption> readOptions(CaseDocument document, Findings findings) {
        List<LoanOption> options = new ArrayList<>();
        List<OptionDocument> given = document.options() == null ? List.of() : document.options();
        if (findings.group("", () -> CaseFile.checkedCount(given.size())).isEmpty()) {
            return options;
        }
        Needed.ids(Field.OPTIONS, given, findings);
        CreditCostRate costRate = Laws.creditCostRate(Market.of(document));
        for (int i = 0; i < given.size(); i++) {
            OptionDocument option = given.get(i);
            if (option != null) {
                findings.group(Field.entry(Field.OPTIONS, i), () -> OptionReader.read(option, costRate))
                        .ifPresent(options::add);
            }
        }
        return options;
    }

    private static void checkFormat(Integer format, Findings findings) {
        if (format == null || format != CaseDocument.FORMAT) {
            findings.add(Finding.of(
                    "format",
                    Code.UNKNOWN_FORMAT,
                    new Value.Text(String.valueOf(format)),
                    new Value.Count(CaseDocument.FORMAT)));
        }
    }
}
