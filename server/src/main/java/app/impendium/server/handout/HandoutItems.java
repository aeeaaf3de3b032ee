package app.impendium.server.handout;

import app.impendium.core.finding.Findings;
import app.impendium.server.document.HandoutTemplateDocument;
import app.impendium.server.document.LetterheadDocument;
import app.impendium.server.evaluation.HandoutReader;
import app.impendium.server.evaluation.Needed;
import app.impendium.server.practicedata.ItemKind;
import app.impendium.server.practicedata.KeptItems;
import app.impendium.server.practicedata.KeptItems.Kept;
import app.impendium.server.practicedata.PracticeData;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What a practice's hand-outs begin with, and how it presents itself on them. */
@Configuration
class HandoutItems {
    private static final int MOST_NAME_CHARACTERS = 60;

    @Bean
    KeptItems<HandoutTemplateDocument> templates(PracticeData data) {
        return data.keep(new Kept<>(
                ItemKind.HAND_OUT_TEMPLATE,
                HandoutTemplateDocument.class,
                HandoutTemplateDocument::name,
                HandoutItems::check));
    }

    @Bean
    KeptItems<LetterheadDocument> keptLetterheads(PracticeData data) {
        return data.keep(new Kept<>(
                ItemKind.LETTERHEAD, LetterheadDocument.class, LetterheadDocument::name, LetterheadCheck::check));
    }

    private static void check(HandoutTemplateDocument template) {
        Findings findings = new Findings();
        Needed.text("name", template.name(), 1, MOST_NAME_CHARACTERS, findings);
        if (Needed.isThere("says", template.says(), findings)) {
            HandoutReader.check("says", template.says(), findings);
        }
        findings.throwIfAny();
    }
}
