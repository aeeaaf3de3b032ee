package app.impendium.server.casefile;

import app.impendium.core.CaseEvaluation;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.Market;
import app.impendium.server.evaluation.LimitsMet;
import app.impendium.server.evaluation.LoanDay;
import app.impendium.server.jobs.JobName;
import app.impendium.server.jobs.JobWanted;
import app.impendium.server.practicedata.ItemKind;
import app.impendium.server.practicedata.ItemsChanged;
import app.impendium.server.practicedata.KeptItem;
import app.impendium.server.practicedata.KeptItems;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * How cases stand, for lists that sort by it: the days of their first option, and how many of the practice's limit sets they
 * keep to. It follows from the document and the sets, so a case is looked at again when the practice's rules change.
 */
@Component
class CaseStandings {
    /** What cases are checked against. */
    private static final Set<ItemKind> DECIDE = Set.of(ItemKind.LIMIT_SET, ItemKind.PROGRAMME);

    private final JdbcClient database;
    private final KeptItems<LimitSetDocument> limits;
    private final ApplicationEventPublisher events;

    CaseStandings(JdbcClient database, KeptItems<LimitSetDocument> limits, ApplicationEventPublisher events) {
        this.database = database;
        this.limits = limits;
        this.events = events;
    }

    /**
     * What the cases of a practice are judged by.
     *
     * @param revision counted up with each change
     */
    record Rules(int revision, List<LimitSetDocument> sets) {}

    /**
     * How a case stands.
     *
     * @param revision of the practice's rules by which it was judged
     * @param met absent where nobody earns anything yet
     */
    record Standing(int revision, Optional<LimitsMet> met, List<LoanDay> days) {}

    /** What a practice's cases are judged by now. */
    Rules rules(UUID practiceId) {
        // Read before the sets are: a change of them in between has the case looked at again, not left behind.
        int revision = database.sql("select rules_revision from practice where id = ?")
                .param(practiceId)
                .query(Integer.class)
                .single();
        return new Rules(
                revision,
                limits.ofPractice(practiceId).stream().map(KeptItem::value).toList());
    }

    /** How a case would stand: judged before it is stored, for that takes too long to keep a connection meanwhile. */
    static Standing judge(Rules rules, CaseDocument document, CaseEvaluation figures) {
        Market market = Market.of(document);
        List<LimitSetDocument> sets =
                rules.sets().stream().filter(set -> set.market() == market).toList();
        return new Standing(
                rules.revision(),
                LimitsMet.of(document, sets),
                LoanDay.of(figures.options().get(0)));
    }

    /** Keeps how a case stands that has just been stored. */
    void take(UUID caseId, Standing standing) {
        database.sql("update case_file set rules_revision = ?, limit_sets = ?, limit_sets_met = ? where id = ?")
                .params(
                        standing.revision(),
                        standing.met().map(LimitsMet::sets).orElse(null),
                        standing.met().map(LimitsMet::met).orElse(null),
                        caseId)
                .update();
        database.sql("delete from case_day where case_id = ?").param(caseId).update();
        for (LoanDay day : standing.days()) {
            database.sql("insert into case_day values (?, ?, ?)")
                    .params(caseId, day.kind().name(), day.day())
                    .update();
        }
    }

    @EventListener
    void fallBehind(ItemsChanged changed) {
        if (!DECIDE.contains(changed.kind())) {
            return;
        }
        database.sql("update practice set rules_revision = rules_revision + 1 where id = ?")
                .param(changed.practiceId())
                .update();
        events.publishEvent(new JobWanted(JobName.STANDINGS));
    }
}
