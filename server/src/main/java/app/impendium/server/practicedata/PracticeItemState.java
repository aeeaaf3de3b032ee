package app.impendium.server.practicedata;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import tools.jackson.databind.JsonNode;

/** A saved state of something that a practice keeps, as it was. */
@Entity
@Table(name = "practice_item_state")
class PracticeItemState {
    @Id
    private UUID id;

    private UUID itemId;
    private int revision;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private JsonNode body;

    private Instant savedAt;
    private String savedBy;

    protected PracticeItemState() {}

    PracticeItemState(PracticeItemRow saved) {
        this.id = UUID.randomUUID();
        this.itemId = saved.id();
        this.revision = saved.revision();
        this.body = saved.body();
        this.savedAt = saved.savedAt();
        this.savedBy = saved.savedBy();
    }

    UUID itemId() {
        return itemId;
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
