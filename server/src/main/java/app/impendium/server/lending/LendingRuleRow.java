package app.impendium.server.lending;

import app.impendium.server.account.SignedInAdvisor;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import tools.jackson.databind.JsonNode;

/** A rule in its latest state. */
@Entity
@Table(name = "lending_rule")
class LendingRuleRow {
    @Id
    private UUID id;

    private UUID practiceId;

    @Enumerated(EnumType.STRING)
    private RuleKind kind;

    /** Counts the saved states from 0; none before the first is stored, by which a new rule is told from a stored one. */
    @Version
    private Integer revision;

    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private JsonNode body;

    private Instant savedAt;
    private String savedBy;

    protected LendingRuleRow() {}

    LendingRuleRow(UUID practiceId, RuleKind kind) {
        this.id = UUID.randomUUID();
        this.practiceId = practiceId;
        this.kind = kind;
    }

    void take(String called, JsonNode rule, SignedInAdvisor advisor, Instant now) {
        body = rule;
        name = called.strip();
        savedAt = now;
        savedBy = advisor.name();
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
