package app.impendium.server.rates;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.RateTableDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A rate table in its latest state. */
@Entity
@Table(name = "rate_table")
class RateTableRow {
    @Id
    private UUID id;

    private UUID practiceId;

    /** Counts the saved states from 0; none before the first is stored, by which a new table is told from a stored one. */
    @Version
    private Integer revision;

    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    private RateTableDocument rates;

    private Instant savedAt;
    private String savedBy;

    protected RateTableRow() {}

    RateTableRow(UUID practiceId) {
        this.id = UUID.randomUUID();
        this.practiceId = practiceId;
    }

    void take(RateTableDocument table, SignedInAdvisor advisor, Instant now) {
        rates = table;
        name = table.name().strip();
        savedAt = now;
        savedBy = advisor.name();
    }

    int revision() {
        return revision;
    }

    RateTableView view() {
        return new RateTableView(id, revision, rates, savedAt, savedBy);
    }

    String savedBy() {
        return savedBy;
    }
}
