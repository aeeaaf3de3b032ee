package app.impendium.server.practicedata;

import app.impendium.server.account.SignedInAdvisor;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import tools.jackson.databind.JsonNode;

/** Something that a practice keeps, in its latest state. */
@Entity
@Table(name = "practice_item")
class PracticeItemRow {
    /** How long what was deleted can be restored. */
    static final Duration KEPT_FOR = Duration.ofDays(30);

    @Id
    private UUID id;

    private UUID practiceId;

    @Enumerated(EnumType.STRING)
    private ItemKind kind;

    /** Counts the saved states from 0; none before the first is stored, by which a new item is told from a stored one. */
    @Version
    private Integer revision;

    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private JsonNode body;

    private Instant savedAt;
    private String savedBy;

    /** When it was deleted; none while it is there. */
    private Instant deletedAt;

    private String deletedBy;

    protected PracticeItemRow() {}

    PracticeItemRow(UUID practiceId, ItemKind kind) {
        this.id = UUID.randomUUID();
        this.practiceId = practiceId;
        this.kind = kind;
    }

    void take(String called, JsonNode value, SignedInAdvisor advisor, Instant now) {
        body = value;
        name = called;
        savedAt = now;
        savedBy = advisor.name();
    }

    void delete(SignedInAdvisor advisor, Instant now) {
        deletedAt = now;
        deletedBy = advisor.name();
    }

    void restore() {
        deletedAt = null;
        deletedBy = null;
    }

    DeletedItem deleted() {
        return new DeletedItem(id, name, deletedAt, deletedBy, deletedAt.plus(KEPT_FOR));
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }

    int revision() {
        return revision;
    }

    JsonNode body() {
        return body;
    }

    Instant savedAt() {
        return savedAt;
    }

    String savedBy() {
        return savedBy;
    }
}
