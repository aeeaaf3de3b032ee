package app.impendium.server.handout;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.LetterheadDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A practice's letterhead. */
@Entity
@Table(name = "letterhead")
class LetterheadRow {
    @Id
    private UUID practiceId;

    @Version
    private Integer revision;

    @JdbcTypeCode(SqlTypes.JSON)
    private LetterheadDocument body;

    private Instant savedAt;
    private String savedBy;

    protected LetterheadRow() {}

    LetterheadRow(UUID practiceId) {
        this.practiceId = practiceId;
    }

    void take(LetterheadDocument letterhead, SignedInAdvisor advisor, Instant now) {
        body = letterhead;
        savedAt = now;
        savedBy = advisor.name();
    }

    LetterheadDocument body() {
        return body;
    }
}
