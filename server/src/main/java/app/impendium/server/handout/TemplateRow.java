package app.impendium.server.handout;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.HandoutDocument;
import app.impendium.server.document.HandoutTemplateDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A template in its latest state. */
@Entity
@Table(name = "handout_template")
class TemplateRow {
    @Id
    private UUID id;

    private UUID practiceId;

    /** Counts the saved states from 0; none before the first is stored. */
    @Version
    private Integer revision;

    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    private HandoutDocument says;

    private Instant savedAt;
    private String savedBy;

    protected TemplateRow() {}

    TemplateRow(UUID practiceId) {
        this.id = UUID.randomUUID();
        this.practiceId = practiceId;
    }

    void take(HandoutTemplateDocument template, SignedInAdvisor advisor, Instant now) {
        name = template.name().strip();
        says = template.says();
        savedAt = now;
        savedBy = advisor.name();
    }

    int revision() {
        return revision;
    }

    String savedBy() {
        return savedBy;
    }

    TemplateView view() {
        return new TemplateView(id, revision, new HandoutTemplateDocument(name, says), savedAt, savedBy);
    }
}
