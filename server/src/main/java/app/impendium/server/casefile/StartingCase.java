package app.impendium.server.casefile;

import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.server.evaluation.CaseDocument;
import app.impendium.server.evaluation.CurrencyCode;
import app.impendium.server.evaluation.HousingDocument;
import app.impendium.server.evaluation.OptionDocument;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;

/** The usual terms that a new case starts from, to be written over. */
final class StartingCase {
    private StartingCase() {}

    static CaseDocument on(LocalDate today) {
        HousingDocument housing = new HousingDocument(null, new BigDecimal("1.1"), 1_500_00L, null, null, null);
        OptionDocument option = new OptionDocument(
                400_000_00L,
                null,
                new BigDecimal(20),
                null,
                new BigDecimal("6.5"),
                Compounding.MONTHLY,
                PaymentFrequency.MONTHLY,
                PaymentRounding.NEAREST_CENT,
                360,
                PaymentDates.firstAfterClosing(today),
                null,
                null,
                null,
                List.of(),
                null,
                List.of(),
                housing);
        return new CaseDocument(CaseDocument.FORMAT, "", "", CurrencyCode.USD, List.of(option));
    }
}
