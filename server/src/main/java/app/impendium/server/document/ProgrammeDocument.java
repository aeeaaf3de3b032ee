package app.impendium.server.document;

import app.impendium.server.document.Convention.Cover;
import app.impendium.server.document.Convention.LettingBasis;
import app.impendium.server.document.LimitSetDocument.StressedRateDocument;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;

/**
 * How a lender lends on let homes, as a practice keeps it.
 *
 * @param name what it is called, from 1 to 60 characters
 * @param market whose cases it is for
 * @param source where its figures come from, from 1 to 200 characters
 * @param day when they were taken from there
 * @param cover what the rent is measured against
 * @param stressed the rate at which interest is tested; absent for the loan's own
 * @param bands from one to ten, each of another least cover
 * @param bases from one to three, each letting basis once
 */
public record ProgrammeDocument(
        String name,
        Market market,
        String source,
        LocalDate day,
        Cover cover,
        @Schema(nullable = true) StressedRateDocument stressed,
        List<BandDocument> bands,
        List<BasisDocument> bases) {

    /** Lists that are not sent are empty. */
    public ProgrammeDocument {
        bands = bands == null ? List.of() : bands;
        bases = bases == null ? List.of() : bases;
    }

    /**
     * What is lent where the rent covers so much.
     *
     * @param leastCover as a ratio: 1.2 is one and a fifth times, 1.45 is 145 %
     * @param loanToValuePercent the largest loan
     * @param addOnPercent what is added to the rate, in percentage points
     */
    public record BandDocument(String id, BigDecimal leastCover, BigDecimal loanToValuePercent, BigDecimal addOnPercent)
            implements Entry {}

    /**
     * How is lent on one letting basis.
     *
     * @param countedPercent the share of the rent that counts, where what goes out is to be covered
     * @param loanToValuePercent the largest loan
     * @param leastScore the least credit score; absent where none is asked for
     */
    public record BasisDocument(
            String id,
            LettingBasis basis,
            BigDecimal countedPercent,
            BigDecimal loanToValuePercent,
            @Schema(nullable = true) Integer leastScore)
            implements Entry {}
}
