package app.impendium.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A person who signs in. The email is kept in lower case and is theirs alone. */
@Entity
@Table(name = "advisor")
class Advisor {
    @Id
    private UUID id;

    private UUID practiceId;
    private String name;
    private String email;
    private String passwordHash;

    protected Advisor() {}

    Advisor(UUID id, UUID practiceId, String name, String email, String passwordHash) {
        this.id = id;
        this.practiceId = practiceId;
        this.name = name;
        this.email = email;
        this.passwordHash = passwordHash;
    }

    UUID id() {
        return id;
    }

    UUID practiceId() {
        return practiceId;
    }

    String name() {
        return name;
    }

    String email() {
        return email;
    }

    String passwordHash() {
        return passwordHash;
    }
}
