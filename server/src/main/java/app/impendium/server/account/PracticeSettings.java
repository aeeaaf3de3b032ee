package app.impendium.server.account;

import app.impendium.server.evaluation.Market;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a practice has chosen once for all its new cases. */
@Service
public class PracticeSettings {
    private final PracticeRepository practices;

    PracticeSettings(PracticeRepository practices) {
        this.practices = practices;
    }

    /** The market that the advisor's practice works in. */
    @Transactional(readOnly = true)
    public Market market(SignedInAdvisor advisor) {
        return own(advisor).market();
    }

    /** Starts the practice's next cases from another market's usual terms. */
    @Transactional
    public void chooseMarket(SignedInAdvisor advisor, Market market) {
        own(advisor).start(market);
    }

    private Practice own(SignedInAdvisor advisor) {
        return practices.findById(advisor.practiceId()).orElseThrow();
    }
}
