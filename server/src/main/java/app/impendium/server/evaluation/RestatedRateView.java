package app.impendium.server.evaluation;

import app.impendium.core.LoanFigures;
import app.impendium.core.rate.Compounding;
import app.impendium.server.document.Convention;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;

/**
 * The rate of an option stated for a compounding.
 *
 * @param percent the nominal annual rate that comes to the same, in percent with up to twelve decimals
 */
public record RestatedRateView(Convention.Compounding compounding, BigDecimal percent) {

    static List<RestatedRateView> all(LoanFigures loan) {
        return Stream.of(Convention.Compounding.values())
                .map(stated -> new RestatedRateView(
                        stated, OptionView.digits(loan.restatedPercent(CoreNames.of(Compounding.class, stated)))))
                .toList();
    }
}
