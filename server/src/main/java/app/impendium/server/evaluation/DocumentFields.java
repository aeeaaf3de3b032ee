package app.impendium.server.evaluation;

import static java.util.Map.entry;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import java.util.Map;

/** Where the computation's own names of fields lie in an option of the document. */
final class DocumentFields {
    private static final Map<String, String> BY_NAME = Map.ofEntries(
            entry("term", "termMonths"),
            entry("payments", "termMonths"),
            entry("payment", "chosenPaymentCents"),
            entry("residualBalance", "residualCents"),
            entry("amount", "loanCents"),
            entry("rateTerm", "rateTermMonths"),
            entry("reductions", "reductionsPercent"),
            entry("upfrontPremium", "closing.upfrontPremiumPercent"),
            entry("points", "pointsPercent"),
            entry("lenderCredit", "lenderCreditPercent"),
            entry("loanFees", "loanFeesCents"),
            entry("otherCosts", "otherCostsCents"),
            entry("prepaidInterest", "prepaidInterestCents"),
            entry("prepaidItems", "prepaidItemsCents"),
            entry("sellerCredit", "sellerCreditCents"));

    private DocumentFields() {}

    /** A path of the computation as one of the document: {@code options[0].term} as {@code options[0].termMonths}. */
    static String of(String path) {
        int start = path.lastIndexOf('.') + 1;
        int bracket = path.indexOf('[', start);
        int end = bracket < 0 ? path.length() : bracket;
        String name = path.substring(start, end);
        return path.substring(0, start) + BY_NAME.getOrDefault(name, name) + path.substring(end);
    }

    /** A refusal of the computation with its fields named as in the document. */
    static CaseException of(CaseException refusal) {
        return new CaseException(
                refusal.findings().stream().map(DocumentFields::of).toList());
    }

    private static Finding of(Finding finding) {
        return finding.at(of(finding.field()));
    }
}
