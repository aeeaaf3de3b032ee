package app.impendium.server.document;

import java.util.function.Function;

/**
 * A loan without a known price.
 *
 * @param loanCents its amount, in whole cents
 */
public record LoanOnlyDocument(Long loanCents) implements FinancingDocument {
    static final String KIND = "LOAN_ONLY";

    @Override
    public <T> T match(
            Function<PurchaseDocument, T> purchase,
            Function<LoanOnlyDocument, T> loanOnly,
            Function<RefinancingDocument, T> refinancing) {
        return loanOnly.apply(this);
    }
}
