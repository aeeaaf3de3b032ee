package app.impendium.server.client;

import app.impendium.server.account.SignedInAdvisor;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;

/** A client as kept. */
@Entity
@Table(name = "client")
class ClientRow {
    @Id
    private UUID id;

    private UUID practiceId;

    /** Counts the changes from 0; none before the first is stored. */
    @Version
    private Integer revision;

    private String name;
    private String email;
    private String phone;
    private String address;
    private String notes;
    private Instant savedAt;
    private String savedBy;

    protected ClientRow() {}

    ClientRow(UUID practiceId) {
        this.id = UUID.randomUUID();
        this.practiceId = practiceId;
    }

    void take(ClientDetails details, SignedInAdvisor advisor, Instant now) {
        name = details.name();
        email = details.email();
        phone = details.phone();
        address = details.address();
        notes = details.notes();
        savedAt = now;
        savedBy = advisor.name();
    }

    UUID id() {
        return id;
    }

    int revision() {
        return revision;
    }

    ClientDetails details() {
        return new ClientDetails(name, email, phone, address, notes);
    }

    Instant savedAt() {
        return savedAt;
    }

    String savedBy() {
        return savedBy;
    }
}
