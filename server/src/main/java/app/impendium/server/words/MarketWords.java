package app.impendium.server.words;

import app.impendium.server.document.Market;
import java.util.Map;
import tools.jackson.core.type.TypeReference;

/**
 * What a market calls the things that a case speaks of.
 *
 * @param down behind the figure in the sentence: with 17 % down
 * @param rateTerm in the sentence, before how long the rate is fixed
 * @param refinance to replace a loan by another
 * @param creditCostRate the annual rate of the whole cost, as the market's law calls it
 */
public record MarketWords(
        String name,
        String locale,
        String down,
        String downPayment,
        String propertyTax,
        String mortgageInsurance,
        String dues,
        String closing,
        String rateTerm,
        String ratePeriod,
        String cashToClose,
        String refinance,
        String creditCostRate,
        String frontRatio,
        String backRatio) {
    private static final Map<Market, MarketWords> ALL = Words.read("markets", new TypeReference<>() {});

    public static MarketWords of(Market market) {
        return ALL.get(market);
    }
}
