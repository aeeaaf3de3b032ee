package app.impendium.server.practice;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.Market;
import app.impendium.server.document.SettingsDocument;
import app.impendium.server.practicedata.KeptItem;
import app.impendium.server.practicedata.KeptItems;
import java.time.ZoneId;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a practice has chosen once for all its new cases. */
@Service
public class PracticeSettings {
    private static final List<OptionRow> USUAL_ROWS = List.of(
            OptionRow.PAYMENT,
            OptionRow.MONTH,
            OptionRow.CHANGE_FROM_TODAY,
            OptionRow.CASH_TO_CLOSE,
            OptionRow.PAYBACK,
            OptionRow.KEPT_COST,
            OptionRow.KEPT_BALANCE,
            OptionRow.STAYS_FROM,
            OptionRow.TOTAL_INTEREST,
            OptionRow.PAYOFF_DATE);

    private final PracticeRepository practices;
    private final KeptItems<SettingsDocument> settings;

    PracticeSettings(PracticeRepository practices, KeptItems<SettingsDocument> settings) {
        this.practices = practices;
        this.settings = settings;
    }

    /** All of it, in its latest state. */
    @Transactional(readOnly = true)
    KeptItem<SettingsDocument> saved(SignedInAdvisor advisor) {
        return saved(advisor.practiceId());
    }

    private KeptItem<SettingsDocument> saved(UUID practiceId) {
        return settings.ofPractice(practiceId).get(0);
    }

    /** The market that the advisor's practice works in. */
    @Transactional(readOnly = true)
    public Market market(SignedInAdvisor advisor) {
        return saved(advisor).value().market();
    }

    /** Where the advisor's practice works: tells which day is today. */
    @Transactional(readOnly = true)
    public ZoneId timeZone(SignedInAdvisor advisor) {
        return timeZone(advisor.practiceId());
    }

    /** Where a practice works, for what nobody has signed in for. */
    @Transactional(readOnly = true)
    public ZoneId timeZone(UUID practiceId) {
        return ZoneId.of(saved(practiceId).value().timeZone());
    }

    /** What the advisor's practice is called. */
    @Transactional(readOnly = true)
    public String name(SignedInAdvisor advisor) {
        return saved(advisor).value().name();
    }

    /** What a practice is called, for what nobody has signed in for. */
    @Transactional(readOnly = true)
    public String name(UUID practiceId) {
        return saved(practiceId).value().name();
    }

    /** Has others who decide about the practice's people wait until the transaction ends: two owners who demote each other at once would leave none. */
    @Transactional
    public void hold(SignedInAdvisor advisor) {
        practices.findWithLockById(advisor.practiceId());
    }

    /** The rows by which the practice compares options, in their order; those usual at first where it has not chosen. */
    @Transactional(readOnly = true)
    public List<OptionRow> optionRows(SignedInAdvisor advisor) {
        return own(advisor).optionRows().orElse(USUAL_ROWS);
    }

    /** Compares options by these rows in all of the practice's cases. */
    @Transactional
    public void compareBy(SignedInAdvisor advisor, Set<OptionRow> rows) {
        own(advisor).compareBy(rows.stream().sorted().toList());
    }

    private Practice own(SignedInAdvisor advisor) {
        return practices.findById(advisor.practiceId()).orElseThrow();
    }
}
