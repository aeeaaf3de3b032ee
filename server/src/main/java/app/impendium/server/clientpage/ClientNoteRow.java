package app.impendium.server.clientpage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.springframework.data.domain.Persistable;

/** What a client wrote back from their page. */
@Entity
@Table(name = "client_note")
class ClientNoteRow implements Persistable<UUID> {
    @Id
    private UUID id;

    private UUID practiceId;
    private UUID linkId;
    private UUID caseId;
    private String words;

    @JdbcTypeCode(SqlTypes.JSON)
    private ClientChanges changes;

    private Instant sentAt;

    /** When an advisor of the practice saw it first; none before. */
    private Instant seenAt;

    protected ClientNoteRow() {}

    ClientNoteRow(ClientLinkRow link, String words, ClientChanges changes, Instant now) {
        this.id = UUID.randomUUID();
        this.practiceId = link.practiceId();
        this.linkId = link.id();
        this.caseId = link.caseId();
        this.words = words;
        this.changes = changes;
        this.sentAt = now;
    }

    @Override
    public UUID getId() {
        return id;
    }

    /** Each is stored once: there is none to look for before. */
    @Override
    public boolean isNew() {
        return true;
    }

    ClientNoteView view() {
        return new ClientNoteView(words, changes, sentAt);
    }

    UUID linkId() {
        return linkId;
    }
}
