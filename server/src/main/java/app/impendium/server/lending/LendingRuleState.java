package app.impendium.server.lending;

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

/** A saved state of a rule, kept as it was. */
@Entity
@Table(name = "lending_rule_state")
class LendingRuleState {
    @Id
    private UUID id;

    private UUID ruleId;
    private int revision;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private JsonNode body;

    private Instant savedAt;
    private String savedBy;

    protected LendingRuleState() {}

    LendingRuleState(LendingRuleRow saved) {
        this.id = UUID.randomUUID();
        this.ruleId = saved.id();
        this.revision = saved.revision();
        this.body = saved.body();
        this.savedAt = saved.savedAt();
        this.savedBy = saved.savedBy();
    }

    UUID ruleId() {
        return ruleId;
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
