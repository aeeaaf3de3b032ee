package app.impendium.server.casefile;

import app.impendium.core.CaseEvaluation;
import app.impendium.core.finding.CaseException;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.Market;
import app.impendium.server.evaluation.DocumentEvaluator;
import app.impendium.server.evaluation.LimitsMet;
import app.impendium.server.evaluation.LoanDay;
import app.impendium.server.practicedata.ItemKind;
import app.impendium.server.practicedata.ItemsChanged;
import app.impendium.server.practicedata.KeptItem;
import app.impendium.server.practicedata.KeptItems;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.TaskScheduler;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * How cases stand, for lists that sort by it: the days of their first option, and how many of the practice's limit sets they
 * keep to. It follows from the document and the sets, so a case is looked at again when the practice's rules change.
 */
@Component
class CaseStandings {
    /** What cases are checked against. */
    private static final Set<ItemKind> DECIDE = Set.of(ItemKind.LIMIT_SET, ItemKind.PROGRAMME);

    private static final Logger LOG = LoggerFactory.getLogger(CaseStandings.class);
    private static final int AT_ONCE = 100;

    private final JdbcClient database;
    private final KeptItems<LimitSetDocument> limits;
    private final TransactionTemplate transaction;
    private final TaskScheduler scheduler;
    private final JsonMapper json;
    private final Clock clock;

    CaseStandings(
            JdbcClient database,
            KeptItems<LimitSetDocument> limits,
            TransactionTemplate transaction,
            TaskScheduler scheduler,
            JsonMapper json,
            Clock clock) {
        this.database = database;
        this.limits = limits;
        this.transaction = transaction;
        this.scheduler = scheduler;
        this.json = json;
        this.clock = clock;
    }

    /**
     * How a case stands.
     *
     * @param revision of the practice's rules by which it was judged
     * @param met absent where nobody earns anything yet
     */
    record Standing(int revision, Optional<LimitsMet> met, List<LoanDay> days) {}

    /** How a case would stand: judged before it is stored, for that takes too long to keep a connection meanwhile. */
    Standing judge(UUID practiceId, CaseDocument document, CaseEvaluation figures) {
        // Read before the sets are: a change of them in between has the case looked at again, not left behind.
        int revision = database.sql("select rules_revision from practice where id = ?")
                .param(practiceId)
                .query(Integer.class)
                .single();
        Market market = Market.of(document);
        List<LimitSetDocument> sets = limits.ofPractice(practiceId).stream()
                .map(KeptItem::value)
                .filter(set -> set.market() == market)
                .toList();
        return new Standing(
                revision,
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
    }

    @TransactionalEventListener
    void catchUp(ItemsChanged changed) {
        scheduler.schedule(this::catchUp, clock.instant());
    }

    /** Looks at cases that are behind, from lists that were read in and after changes of limit sets. */
    @Scheduled(initialDelayString = "PT2S", fixedDelayString = "PT20S")
    void catchUp() {
        int looked;
        do {
            looked = transaction.execute(status -> lookAtSome());
        } while (looked == AT_ONCE);
    }

    private record Behind(UUID id, UUID practiceId, int revision, String document) {}

    private int lookAtSome() {
        List<Behind> behind =
                database.sql("""
                        select c.id, c.practice_id, p.rules_revision as revision, c.document::text from case_file c join practice p on p.id = c.practice_id
                        where c.rules_revision is distinct from p.rules_revision and c.deleted_at is null
                        order by c.id limit ? for update of c skip locked""").param(AT_ONCE).query(Behind.class).list();
        for (Behind each : behind) {
            CaseDocument document = json.readValue(each.document(), CaseDocument.class);
            try {
                take(each.id(), judge(each.practiceId(), document, DocumentEvaluator.evaluate(document)));
            } catch (CaseException e) {
                // Only what had an answer is stored; should one have none any more, the others are still looked at.
                LOG.error("Case {} has no answer any more", each.id());
                database.sql("update case_file set rules_revision = ? where id = ?")
                        .params(each.revision(), each.id())
                        .update();
            }
        }
        return behind.size();
    }
}
