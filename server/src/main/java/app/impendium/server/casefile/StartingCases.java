package app.impendium.server.casefile;

import app.impendium.core.loan.PaymentDates;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.Market;
import app.impendium.server.document.OptionDocument;
import java.io.IOException;
import java.io.InputStream;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The usual terms of each market that a new case starts from, to be written over. */
@Component
public class StartingCases {
    private final Map<Market, CaseDocument> byMarket = new EnumMap<>(Market.class);

    StartingCases(JsonMapper json) throws IOException {
        for (Market market : Market.values()) {
            String file = "starting/" + market.name().toLowerCase(Locale.ROOT) + ".json";
            try (InputStream terms = new ClassPathResource(file).getInputStream()) {
                byMarket.put(market, json.readValue(terms, CaseDocument.class));
            }
        }
    }

    /** The terms of a market, with the usual first payment for a closing today. */
    public CaseDocument of(Market market, LocalDate today) {
        return asOf(byMarket.get(market), today);
    }

    /** The terms of a case, with the usual first payment for a closing today. */
    static CaseDocument asOf(CaseDocument terms, LocalDate today) {
        LocalDate first = PaymentDates.firstAfterClosing(today);
        List<OptionDocument> options = terms.options().stream()
                .map(option -> option.withTerms(option.terms().withFirstPayment(first)))
                .toList();
        return terms.withOptions(options);
    }
}
