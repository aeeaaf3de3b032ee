package app.impendium.server.practice;

import app.impendium.server.account.Advisors;
import app.impendium.server.account.Advisors.NewAdvisor;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.Market;
import app.impendium.server.document.SettingsDocument;
import app.impendium.server.practicedata.KeptItems;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets up a practice with the people who may sign in to it. */
@Service
public class PracticeSetup {
    private final PracticeRepository practices;
    private final KeptItems<SettingsDocument> settings;
    private final Advisors advisors;

    PracticeSetup(PracticeRepository practices, KeptItems<SettingsDocument> settings, Advisors advisors) {
        this.practices = practices;
        this.settings = settings;
        this.advisors = advisors;
    }

    /** Whether any practice is there yet. */
    public boolean isEmpty() {
        return practices.isEmpty();
    }

    /** Creates a practice and its people, in the order given; the first is its owner. */
    @Transactional
    public List<SignedInAdvisor> create(String practiceName, Market market, ZoneId timeZone, List<NewAdvisor> people) {
        Practice practice = practices.saveAndFlush(new Practice(UUID.randomUUID()));
        List<SignedInAdvisor> registered = advisors.register(practice.id(), people);
        settings.create(registered.get(0), new SettingsDocument(practiceName, market, timeZone.getId()));
        return registered;
    }
}
