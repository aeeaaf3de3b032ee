package app.impendium.server.casefile;

import app.impendium.server.casefile.CaseStandings.Rules;
import app.impendium.server.casefile.CaseStandings.Standing;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.evaluation.DocumentEvaluator;
import app.impendium.server.jobs.Job;
import app.impendium.server.jobs.JobName;
import com.github.kagkarlsson.scheduler.task.schedule.Schedule;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Looks at cases that are behind their practice's rules: from lists that were read in, and after changes of limit sets. */
@Component
class StandingsJob implements Job {
    private static final Logger LOG = LoggerFactory.getLogger(StandingsJob.class);
    private static final int AT_ONCE = 100;

    private final CaseStandings standings;
    private final JdbcClient database;
    private final TransactionTemplate transaction;
    private final JsonMapper json;

    StandingsJob(CaseStandings standings, JdbcClient database, TransactionTemplate transaction, JsonMapper json) {
        this.standings = standings;
        this.database = database;
        this.transaction = transaction;
        this.json = json;
    }

    @Override
    public JobName name() {
        return JobName.STANDINGS;
    }

    @Override
    public Schedule schedule() {
        return Schedules.fixedDelay(Duration.ofSeconds(20));
    }

    @Override
    public void run() {
        for (UUID practice : practicesBehind()) {
            Rules rules = standings.rules(practice);
            List<Behind> some;
            do {
                some = behind(practice, rules);
                some.forEach(each -> lookAt(each, rules));
            } while (some.size() == AT_ONCE);
        }
    }

    private List<UUID> practicesBehind() {
        return database.sql("""
                        select p.id from practice p where exists (
                            select 1 from case_file c where c.practice_id = p.id and c.deleted_at is null
                                and (c.rules_revision < p.rules_revision or c.rules_revision is null))""").query(UUID.class).list();
    }

    private record Behind(UUID id, int revision, String document) {}

    private List<Behind> behind(UUID practice, Rules rules) {
        return database.sql("""
                        select id, revision, document::text from case_file where practice_id = ? and deleted_at is null
                            and (rules_revision < ? or rules_revision is null) limit ?""")
                .params(practice, rules.revision(), AT_ONCE)
                .query(Behind.class)
                .list();
    }

    private void lookAt(Behind each, Rules rules) {
        Optional<Standing> standing = standing(each, rules);
        transaction.executeWithoutResult(status -> {
            // One that was saved meanwhile was judged as it was.
            int asRead = database.sql("update case_file set rules_revision = ? where id = ? and revision = ?")
                    .params(rules.revision(), each.id(), each.revision())
                    .update();
            if (asRead > 0) {
                standing.ifPresent(now -> standings.take(each.id(), now));
            }
        });
    }

    /** None where it cannot be told: the others are still looked at, and it is once more after the next change of rules. */
    private Optional<Standing> standing(Behind each, Rules rules) {
        try {
            CaseDocument document = json.readValue(each.document(), CaseDocument.class);
            return Optional.of(CaseStandings.judge(rules, document, DocumentEvaluator.evaluate(document)));
        } catch (RuntimeException unreadable) {
            LOG.error("Case {} has no answer any more", each.id(), unreadable);
            return Optional.empty();
        }
    }
}
