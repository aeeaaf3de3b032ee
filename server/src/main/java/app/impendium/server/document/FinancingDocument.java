package app.impendium.server.document;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.oas.annotations.media.DiscriminatorMapping;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.function.Function;

/** What the loan pays for, told apart by its kind. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = PurchaseDocument.class, name = PurchaseDocument.KIND),
    @JsonSubTypes.Type(value = LoanOnlyDocument.class, name = LoanOnlyDocument.KIND),
    @JsonSubTypes.Type(value = RefinancingDocument.class, name = RefinancingDocument.KIND)
})
@Schema(
        oneOf = {PurchaseDocument.class, LoanOnlyDocument.class, RefinancingDocument.class},
        discriminatorProperty = "kind",
        discriminatorMapping = {
            @DiscriminatorMapping(value = PurchaseDocument.KIND, schema = PurchaseDocument.class),
            @DiscriminatorMapping(value = LoanOnlyDocument.KIND, schema = LoanOnlyDocument.class),
            @DiscriminatorMapping(value = RefinancingDocument.KIND, schema = RefinancingDocument.class)
        })
public sealed interface FinancingDocument permits PurchaseDocument, LoanOnlyDocument, RefinancingDocument {

    /** What the function for its kind makes of it. */
    <T> T match(
            Function<PurchaseDocument, T> purchase,
            Function<LoanOnlyDocument, T> loanOnly,
            Function<RefinancingDocument, T> refinancing);
}
