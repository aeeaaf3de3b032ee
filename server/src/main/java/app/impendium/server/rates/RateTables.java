package app.impendium.server.rates;

import app.impendium.server.document.RateTableDocument;
import app.impendium.server.evaluation.RateTableReader;
import app.impendium.server.practicedata.ItemKind;
import app.impendium.server.practicedata.KeptItems;
import app.impendium.server.practicedata.KeptItems.Kept;
import app.impendium.server.practicedata.PracticeData;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What a practice prices its cases on. */
@Configuration
class RateTables {

    @Bean
    KeptItems<RateTableDocument> keptRateTables(PracticeData data) {
        return data.keep(new Kept<>(
                ItemKind.RATE_TABLE, RateTableDocument.class, RateTableDocument::name, RateTableReader::read));
    }
}
