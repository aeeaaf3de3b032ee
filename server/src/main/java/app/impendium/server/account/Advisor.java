package app.impendium.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;

/** A person of a practice. The email is kept in lower case and is theirs alone. */
@Entity
@Table(name = "advisor")
class Advisor {
    @Id
    private UUID id;

    private UUID practiceId;
    private String name;
    private String email;

    @Enumerated(EnumType.STRING)
    private Role role;

    /** None until they have chosen a password. */
    private String passwordHash;

    /** When they left; none while they work here. */
    private Instant leftAt;

    /** What their code app shares with us; none where a password is enough. */
    private String codeSecret;

    /** The same, until they have shown that the app tells its codes. */
    private String codeProposed;

    /** The step of time whose code they used last. */
    private Long codeStep;

    protected Advisor() {}

    /** Somebody who has not chosen a password yet. */
    Advisor(UUID practiceId, String name, String email, Role role) {
        this.id = UUID.randomUUID();
        this.practiceId = practiceId;
        this.name = name;
        this.email = inSmallLetters(email);
        this.role = role;
    }

    static String inSmallLetters(String email) {
        return email.strip().toLowerCase(Locale.ROOT);
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

    Role role() {
        return role;
    }

    String passwordHash() {
        return passwordHash;
    }

    /** Whether they have chosen a password, and did not leave. */
    boolean maySignIn() {
        return state() == Person.State.WORKING;
    }

    Person.State state() {
        if (leftAt != null) {
            return Person.State.LEFT;
        }
        return passwordHash == null ? Person.State.INVITED : Person.State.WORKING;
    }

    /** Whether they type a code beside their password. */
    boolean hasSecondFactor() {
        return codeSecret != null;
    }

    void takePassword(String hash) {
        passwordHash = hash;
    }

    /** Calls them otherwise, and lets them do more or less. */
    void change(String newName, Role newRole) {
        name = newName;
        role = newRole;
    }

    /** @param at none if they come back */
    void leave(Instant at) {
        leftAt = at;
    }

    Optional<String> codeSecret() {
        return Optional.ofNullable(codeSecret);
    }

    Optional<String> codeProposed() {
        return Optional.ofNullable(codeProposed);
    }

    /** Proposes a secret to an app; it counts from when a code of it was shown. */
    void proposeSecret(String secret) {
        codeProposed = secret;
    }

    void takeProposedSecret(long step) {
        codeSecret = codeProposed;
        codeProposed = null;
        codeStep = step;
    }

    void dropSecret() {
        codeSecret = null;
        codeProposed = null;
        codeStep = null;
    }

    /** Whether a step of time was used already, or one after it. */
    boolean hasUsed(long step) {
        return codeStep != null && step <= codeStep;
    }

    void use(long step) {
        codeStep = step;
    }
}
