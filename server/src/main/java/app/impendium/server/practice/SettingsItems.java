package app.impendium.server.practice;

import app.impendium.server.document.SettingsDocument;
import app.impendium.server.practicedata.ItemKind;
import app.impendium.server.practicedata.KeptItems;
import app.impendium.server.practicedata.KeptItems.Kept;
import app.impendium.server.practicedata.PracticeData;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What each practice has chosen once. */
@Configuration
class SettingsItems {

    @Bean
    KeptItems<SettingsDocument> settings(PracticeData data) {
        return data.keep(
                new Kept<>(ItemKind.SETTINGS, SettingsDocument.class, SettingsDocument::name, PracticeFields::check));
    }
}
