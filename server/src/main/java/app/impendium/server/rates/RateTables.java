package app.impendium.server.rates;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.RateTableDocument;
import app.impendium.server.evaluation.RateTableReader;
import app.impendium.server.problem.RefusedException;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the rate tables of a practice. */
@Service
public class RateTables {
    private static final int MOST_TABLES = 50;

    private final RateTableRepository tables;
    private final Clock clock;

    RateTables(RateTableRepository tables, Clock clock) {
        this.tables = tables;
        this.clock = clock;
    }

    /** The practice's tables, by their names. */
    @Transactional(readOnly = true)
    public List<RateTableView> all(SignedInAdvisor advisor) {
        return tables.findByPracticeIdOrderByNameAscIdAsc(advisor.practiceId()).stream()
                .map(RateTableRow::view)
                .toList();
    }

    /**
     * Begins a table.
     *
     * @throws app.impendium.core.finding.CaseException if it is no rate table
     * @throws RefusedException if the practice has fifty
     */
    @Transactional
    public RateTableView create(SignedInAdvisor advisor, RateTableDocument table) {
        if (tables.countByPracticeId(advisor.practiceId()) >= MOST_TABLES) {
            throw new RefusedException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Too many rate tables",
                    "A practice can keep " + MOST_TABLES + " rate tables: delete one first.");
        }
        return store(new RateTableRow(advisor.practiceId()), advisor, table);
    }

    /**
     * Saves a new state of a table.
     *
     * @throws app.impendium.core.finding.CaseException if it is no rate table
     * @throws RefusedException if the practice has no such table, or it was saved from elsewhere since
     */
    @Transactional
    public RateTableView save(SignedInAdvisor advisor, UUID id, int seenRevision, RateTableDocument table) {
        RateTableRow saved = find(advisor, id);
        if (saved.revision() != seenRevision) {
            throw new RefusedException(
                    HttpStatus.CONFLICT,
                    "Saved from elsewhere in the meantime",
                    saved.savedBy() + " saved this table after you opened it. Open it again to change it.");
        }
        return store(saved, advisor, table);
    }

    /**
     * Deletes a table. Cases keep the name and the day of the one they were priced on.
     *
     * @return what it was called
     * @throws RefusedException if the practice has no such table
     */
    @Transactional
    public String delete(SignedInAdvisor advisor, UUID id) {
        RateTableRow gone = find(advisor, id);
        tables.delete(gone);
        return gone.view().table().name();
    }

    private RateTableView store(RateTableRow target, SignedInAdvisor advisor, RateTableDocument table) {
        RateTableReader.read(table);
        target.take(table, advisor, clock.instant().truncatedTo(ChronoUnit.MILLIS));
        return tables.saveAndFlush(target).view();
    }

    private RateTableRow find(SignedInAdvisor advisor, UUID id) {
        return tables.findByPracticeIdAndId(advisor.practiceId(), id)
                .orElseThrow(() -> new RefusedException(
                        HttpStatus.NOT_FOUND, "No such rate table", "The practice has no such rate table."));
    }
}
