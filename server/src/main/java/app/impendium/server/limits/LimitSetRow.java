package app.impendium.server.limits;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.LimitSetDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A limit set in its latest state. */
@Entity
@Table(name = "limit_set")
class LimitSetRow {
    @Id
    private UUID id;

    private UUID practiceId;

    /** Counts the saved states from 0; none before the first is stored, by which a new set is told from a stored one. */
    @Version
    private Integer revision;

    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    private LimitSetDocument limits;

    private Instant savedAt;
    private String savedBy;

    protected LimitSetRow() {}

    LimitSetRow(UUID practiceId) {
        this.id = UUID.randomUUID();
        this.practiceId = practiceId;
    }

    void take(LimitSetDocument set, SignedInAdvisor advisor, Instant now) {
        limits = set;
        name = set.name().strip();
        savedAt = now;
        savedBy = advisor.name();
    }

    UUID id() {
        return id;
    }

    int revision() {
        return revision;
    }

    String savedBy() {
        return savedBy;
    }

    LimitSetView view() {
        return new LimitSetView(id, revision, limits, savedAt, savedBy);
    }
}
