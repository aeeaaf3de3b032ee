package app.impendium.server.lending;

import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.ProgrammeDocument;
import app.impendium.server.evaluation.LimitSetReader;
import app.impendium.server.evaluation.ProgrammeReader;
import app.impendium.server.practicedata.ItemKind;
import app.impendium.server.practicedata.KeptItems;
import app.impendium.server.practicedata.KeptItems.Kept;
import app.impendium.server.practicedata.PracticeData;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What a practice's cases are looked at with. */
@Configuration
class LendingRules {

    @Bean
    KeptItems<LimitSetDocument> limitSets(PracticeData data) {
        return data.keep(
                new Kept<>(ItemKind.LIMIT_SET, LimitSetDocument.class, LimitSetDocument::name, LimitSetReader::read));
    }

    @Bean
    KeptItems<ProgrammeDocument> programmes(PracticeData data) {
        return data.keep(new Kept<>(
                ItemKind.PROGRAMME, ProgrammeDocument.class, ProgrammeDocument::name, ProgrammeReader::read));
    }
}
