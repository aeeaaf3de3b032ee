package app.impendium.server.handout;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.IssuedHandoutDocument;
import app.impendium.server.handout.content.HandoutContent;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.springframework.data.domain.Persistable;

/** A hand-out as it was issued, kept for good: what it was made from, and what it says. */
@Entity
@Immutable
@Table(name = "issued_handout")
class IssuedRow implements Persistable<UUID> {
    @Id
    private UUID id;

    private UUID practiceId;
    private UUID caseId;
    private int caseRevision;
    private String preparedFor;
    private Instant issuedAt;
    private String issuedBy;
    private String programVersion;

    @JdbcTypeCode(SqlTypes.JSON)
    private IssuedHandoutDocument madeFrom;

    @JdbcTypeCode(SqlTypes.JSON)
    private HandoutContent content;

    protected IssuedRow() {}

    /** A state of a case by which something is issued. */
    record IssuedCase(UUID id, int revision) {}

    IssuedRow(
            SignedInAdvisor advisor,
            IssuedCase state,
            Instant now,
            String programVersion,
            IssuedHandoutDocument madeFrom,
            HandoutContent content) {
        this.id = UUID.randomUUID();
        this.practiceId = advisor.practiceId();
        this.caseId = state.id();
        this.caseRevision = state.revision();
        this.preparedFor = content.preparedFor();
        this.issuedAt = now;
        this.issuedBy = advisor.name();
        this.programVersion = programVersion;
        this.madeFrom = madeFrom;
        this.content = content;
    }

    @Override
    public UUID getId() {
        return id;
    }

    /** Each is stored once and never changed: there is none to look for before. */
    @Override
    public boolean isNew() {
        return true;
    }

    HandoutContent content() {
        return content;
    }
}
