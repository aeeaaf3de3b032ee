package app.impendium.server.casefile;

import app.impendium.core.CaseEvaluation;
import app.impendium.server.evaluation.CaseDocument;
import app.impendium.server.evaluation.CurrencyCode;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A case in its latest state: the document whole, beside it what lists and searches need. */
@Entity
@Table(name = "case_file")
class SavedCase {
    @Id
    private UUID id;

    private UUID practiceId;

    /** Counts the saved states from 0; none before the first is stored, by which a new case is told from a stored one. */
    @Version
    private Integer revision;

    private String title;
    private String clients;

    @Enumerated(EnumType.STRING)
    private CurrencyCode currency;

    private long monthlyCostCents;
    private LocalDate payoffDate;

    @JdbcTypeCode(SqlTypes.JSON)
    private CaseDocument document;

    private Instant savedAt;
    private String savedBy;

    protected SavedCase() {}

    SavedCase(UUID practiceId) {
        this.id = UUID.randomUUID();
        this.practiceId = practiceId;
    }

    /** Takes a new state and the key figures that follow from it. */
    void take(CaseDocument newDocument, CaseEvaluation figures, String advisor, Instant now) {
        var baseline = figures.options().get(0);
        document = newDocument;
        title = newDocument.title().strip();
        clients = newDocument.clients().strip();
        currency = newDocument.currency();
        monthlyCostCents = baseline.housingCost().total().cents();
        payoffDate = baseline.payoffDate();
        savedAt = now;
        savedBy = advisor;
    }

    UUID id() {
        return id;
    }

    UUID practiceId() {
        return practiceId;
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
}
