package app.impendium.server.casefile;

import app.impendium.server.document.CaseDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.springframework.data.domain.Persistable;

/** One saved state of a case, kept for good. */
@Entity
@Immutable
@Table(name = "case_state")
class CaseState implements Persistable<UUID> {
    @Id
    private UUID id;

    private UUID caseId;
    private int revision;

    @JdbcTypeCode(SqlTypes.JSON)
    private CaseDocument document;

    private Instant savedAt;
    private String savedBy;

    protected CaseState() {}

    @Override
    public UUID getId() {
        return id;
    }

    /** Each is stored once and never changed: there is none to look for before. */
    @Override
    public boolean isNew() {
        return true;
    }

    CaseState(SavedCase saved) {
        this.id = UUID.randomUUID();
        this.caseId = saved.id();
        this.revision = saved.revision();
        this.document = saved.document();
        this.savedAt = saved.savedAt();
        this.savedBy = saved.savedBy();
    }
}
