package app.impendium.server.casefile;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.CaseDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.springframework.data.domain.Persistable;

/** One saved state of a case. Its document stays as it is. */
@Entity
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

    @Transient
    private boolean isNew;

    /** What it is called; none where nobody named it. */
    private String name;

    /** Whether it is one that gave way to a colleague's, and never was the case's. */
    private boolean gaveWay;

    protected CaseState() {}

    @Override
    public UUID getId() {
        return id;
    }

    /** Each is stored once: there is none to look for before. */
    @Override
    public boolean isNew() {
        return isNew;
    }

    CaseState(SavedCase saved) {
        this.id = UUID.randomUUID();
        this.isNew = true;
        this.caseId = saved.id();
        this.revision = saved.revision();
        this.document = saved.document();
        this.savedAt = saved.savedAt();
        this.savedBy = saved.savedBy();
    }

    /** A state that gave way to the one that is saved. */
    CaseState(SavedCase saved, CaseDocument gone, SignedInAdvisor advisor, Instant now) {
        this(saved);
        this.document = gone;
        this.savedAt = now;
        this.savedBy = advisor.name();
        this.gaveWay = true;
    }

    UUID id() {
        return id;
    }

    int revision() {
        return revision;
    }

    CaseDocument document() {
        return document;
    }

    Instant savedAt() {
        return savedAt;
    }

    String savedBy() {
        return savedBy;
    }

    Optional<String> name() {
        return Optional.ofNullable(name);
    }

    boolean gaveWay() {
        return gaveWay;
    }

    /** @param called none to take its name away */
    void rename(String called) {
        name = called;
    }
}
