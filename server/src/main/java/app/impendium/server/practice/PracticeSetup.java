package app.impendium.server.practice;

import app.impendium.server.account.Advisors;
import app.impendium.server.account.Advisors.NewAdvisor;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.Market;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets up a practice with the people who may sign in to it. */
@Service
public class PracticeSetup {
    private final PracticeRepository practices;
    private final Advisors advisors;

    PracticeSetup(PracticeRepository practices, Advisors advisors) {
        this.practices = practices;
        this.advisors = advisors;
    }

    /** Whether any practice is there yet. */
    public boolean isEmpty() {
        return practices.isEmpty();
    }

    /** Creates a practice and its people, in the order given; the first is its owner. */
    @Transactional
    public List<SignedInAdvisor> create(String practiceName, Market market, ZoneId timeZone, List<NewAdvisor> people) {
        Practice practice = practices.saveAndFlush(new Practice(UUID.randomUUID(), practiceName, market, timeZone));
        return advisors.register(practice.id(), people);
    }
}
