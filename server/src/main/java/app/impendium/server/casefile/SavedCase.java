package app.impendium.server.casefile;

import app.impendium.core.CaseEvaluation;
import app.impendium.core.cost.HousingCost;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.CurrencyCode;
import jakarta.persistence.Column;
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

    /** Whether that is the loan's payment alone: no tax, insurance or dues are given. */
    @Column(name = "is_payment_only")
    private boolean isPaymentOnly;

    private LocalDate payoffDate;

    @JdbcTypeCode(SqlTypes.JSON)
    private CaseDocument document;

    private Instant savedAt;
    private String savedBy;

    /** Of whom saved it; none where it was saved before that was kept. */
    private UUID savedById;

    /** Of whom looks after it: who began it, until it is handed over. */
    @Column(updatable = false)
    private UUID advisorId;

    /** Whether it is one of the practice's own that cases begin from. */
    @Column(name = "is_template", updatable = false)
    private boolean isTemplate;

    /** When it was put away; none while it is open. */
    @Column(insertable = false, updatable = false)
    private Instant archivedAt;

    /** When it was deleted; none while it is there. */
    @Column(insertable = false, updatable = false)
    private Instant deletedAt;

    protected SavedCase() {}

    private SavedCase(SignedInAdvisor advisor, boolean isTemplate) {
        this.id = UUID.randomUUID();
        this.practiceId = advisor.practiceId();
        this.advisorId = advisor.id();
        this.isTemplate = isTemplate;
    }

    /** A case that an advisor begins. */
    static SavedCase begunBy(SignedInAdvisor advisor) {
        return new SavedCase(advisor, false);
    }

    /** A case that others begin from. */
    static SavedCase templateOf(SignedInAdvisor advisor) {
        return new SavedCase(advisor, true);
    }

    /** Takes a new state and the key figures that follow from it. */
    void take(CaseDocument newDocument, CaseEvaluation figures, SignedInAdvisor advisor, Instant now) {
        var baseline = figures.options().get(0);
        document = newDocument;
        title = newDocument.title().strip();
        clients = newDocument.clients().strip();
        currency = newDocument.currency();
        HousingCost month = baseline.monthlyCost().first();
        monthlyCostCents = month.total().cents();
        isPaymentOnly = month.total().equals(month.principalAndInterest());
        payoffDate = baseline.loan().payoffDate();
        savedAt = now;
        savedBy = advisor.name();
        savedById = advisor.id();
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

    boolean isTemplate() {
        return isTemplate;
    }

    Shelf shelf() {
        if (deletedAt != null) {
            return Shelf.DELETED;
        }
        if (isTemplate) {
            return Shelf.TEMPLATES;
        }
        return archivedAt == null ? Shelf.OPEN : Shelf.ARCHIVED;
    }

    UUID savedById() {
        return savedById;
    }
}
