package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.function.Function;

/**
 * A loan that takes the place of the present one.
 *
 * @param balanceCents the balance of the present loan, which is paid off, in whole cents
 * @param debtsPaidOff the ids of the case's debts that are paid off too
 * @param cashOutCents what the clients receive; absent for nothing
 * @param costsFinanced whether the costs at closing are added to the loan; absent for no
 * @param valueCents what the home is worth; absent where it is not known
 * @param valueEstimate where that comes from, while it is an estimate
 */
public record RefinancingDocument(
        Long balanceCents,
        List<String> debtsPaidOff,
        @Schema(nullable = true) Long cashOutCents,
        @Schema(nullable = true) Boolean costsFinanced,
        @Schema(nullable = true) Long valueCents,
        @Schema(nullable = true) EstimateDocument valueEstimate)
        implements FinancingDocument {
    static final String KIND = "REFINANCING";

    /** A list that is not sent is empty. */
    public RefinancingDocument {
        debtsPaidOff = debtsPaidOff == null ? List.of() : debtsPaidOff;
    }

    @Override
    public <T> T match(
            Function<PurchaseDocument, T> purchase,
            Function<LoanOnlyDocument, T> loanOnly,
            Function<RefinancingDocument, T> refinancing) {
        return refinancing.apply(this);
    }
}
