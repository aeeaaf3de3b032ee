package app.impendium.server.account;

import java.util.List;
import java.util.UUID;
import org.springframework.security.core.userdetails.User;

/** Who is signed in, as kept in the session. Every query is scoped by {@link #practiceId()}. */
public final class SignedInAdvisor extends User {
    private static final long serialVersionUID = 1;

    private final UUID practiceId;
    private final String practiceName;
    private final String name;

    SignedInAdvisor(Advisor advisor) {
        super(advisor.email(), advisor.passwordHash(), List.of());
        this.practiceId = advisor.practice().id();
        this.practiceName = advisor.practice().name();
        this.name = advisor.name();
    }

    public UUID practiceId() {
        return practiceId;
    }

    public String practiceName() {
        return practiceName;
    }

    /** The advisor's name, as others see it. */
    public String name() {
        return name;
    }
}
