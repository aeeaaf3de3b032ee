package app.impendium.server.account;

import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people who may sign in. */
@Service
public class Advisors {
    private final AdvisorRepository advisors;
    private final PasswordEncoder passwords;

    Advisors(AdvisorRepository advisors, PasswordEncoder passwords) {
        this.advisors = advisors;
        this.passwords = passwords;
    }

    /** A person to register; the password is hashed before it is stored. */
    public record NewAdvisor(String name, String email, String password) {}

    /** Lets people sign in to a practice, in the order given. */
    @Transactional
    public List<SignedInAdvisor> register(UUID practiceId, List<NewAdvisor> people) {
        return people.stream()
                .map(person -> new Advisor(
                        UUID.randomUUID(),
                        practiceId,
                        person.name(),
                        person.email().toLowerCase(Locale.ROOT),
                        passwords.encode(person.password())))
                .map(advisors::save)
                .map(SignedInAdvisor::of)
                .toList();
    }
}
