package app.impendium.server.limits;

import app.impendium.server.document.LimitSetDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A saved state of a limit set, kept as it was. */
@Entity
@Table(name = "limit_set_state")
class LimitSetState {
    @Id
    private UUID id;

    private UUID setId;
    private int revision;

    @JdbcTypeCode(SqlTypes.JSON)
    private LimitSetDocument limits;

    private Instant savedAt;
    private String savedBy;

    protected LimitSetState() {}

    LimitSetState(LimitSetView saved) {
        this.id = UUID.randomUUID();
        this.setId = saved.id();
        this.revision = saved.revision();
        this.limits = saved.set();
        this.savedAt = saved.savedAt();
        this.savedBy = saved.savedBy();
    }

    LimitSetView view() {
        return new LimitSetView(setId, revision, limits, savedAt, savedBy);
    }
}
