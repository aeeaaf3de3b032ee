package app.impendium.server.account;

import java.util.List;
import java.util.UUID;
import org.springframework.security.core.userdetails.User;

/** What a password is checked against at sign-in; it goes no further than that. */
final class Credentials extends User {
    private static final long serialVersionUID = 1;

    private final UUID advisorId;
    private final boolean needsCode;

    Credentials(Advisor advisor) {
        super(advisor.email(), advisor.passwordHash(), List.of());
        this.advisorId = advisor.id();
        this.needsCode = advisor.hasSecondFactor();
    }

    UUID advisorId() {
        return advisorId;
    }

    boolean needsCode() {
        return needsCode;
    }
}
