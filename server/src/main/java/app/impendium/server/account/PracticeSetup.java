package app.impendium.server.account;

import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets up a practice with the people who may sign in to it. */
@Service
public class PracticeSetup {
    private final PracticeRepository practices;
    private final AdvisorRepository advisors;
    private final PasswordEncoder passwords;

    PracticeSetup(PracticeRepository practices, AdvisorRepository advisors, PasswordEncoder passwords) {
        this.practices = practices;
        this.advisors = advisors;
        this.passwords = passwords;
    }

    /** A person to set up; the password is hashed before it is stored. */
    public record NewAdvisor(String name, String email, String password) {}

    /** Whether any practice is there yet. */
    public boolean isEmpty() {
        return practices.count() == 0;
    }

    /** Creates a practice and its advisors, in the order given. */
    @Transactional
    public List<SignedInAdvisor> create(String practiceName, ZoneId timeZone, List<NewAdvisor> people) {
        Practice practice = practices.save(new Practice(UUID.randomUUID(), practiceName, timeZone));
        return people.stream()
                .map(person -> new Advisor(
                        UUID.randomUUID(),
                        practice,
                        person.name(),
                        person.email().toLowerCase(Locale.ROOT),
                        passwords.encode(person.password())))
                .map(advisors::save)
                .map(SignedInAdvisor::new)
                .toList();
    }
}
