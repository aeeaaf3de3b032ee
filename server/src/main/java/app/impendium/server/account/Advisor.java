package app.impendium.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.util.UUID;

/** A person who signs in. The email is kept in lower case and is theirs alone. */
@Entity
@Table(name = "advisor")
class Advisor {
    @Id
    private UUID id;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "practice_id")
    private Practice practice;

    private String name;
    private String email;
    private String passwordHash;

    protected Advisor() {}

    Advisor(UUID id, Practice practice, String name, String email, String passwordHash) {
        this.id = id;
        this.practice = practice;
        this.name = name;
        this.email = email;
        this.passwordHash = passwordHash;
    }

    UUID id() {
        return id;
    }

    Practice practice() {
        return practice;
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
