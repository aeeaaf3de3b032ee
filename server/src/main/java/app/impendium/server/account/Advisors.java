package app.impendium.server.account;

import app.impendium.server.problem.RefusedException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of each practice. */
@Service
public class Advisors {
    private final AdvisorRepository advisors;
    private final PasswordEncoder passwords;
    private final ApplicationEventPublisher events;

    Advisors(AdvisorRepository advisors, PasswordEncoder passwords, ApplicationEventPublisher events) {
        this.advisors = advisors;
        this.passwords = passwords;
        this.events = events;
    }

    /** A person to register; the password is hashed before it is stored. */
    public record NewAdvisor(String name, String email, String password) {}

    /** Lets people sign in to a practice, in the order given; the first is its owner. */
    @Transactional
    public List<SignedInAdvisor> register(UUID practiceId, List<NewAdvisor> people) {
        List<SignedInAdvisor> registered = new ArrayList<>();
        for (NewAdvisor person : people) {
            Role role = registered.isEmpty() ? Role.OWNER : Role.ADVISOR;
            Advisor advisor = add(new Advisor(practiceId, person.name(), person.email(), role));
            advisor.takePassword(passwords.encode(person.password()));
            registered.add(SignedInAdvisor.of(advisor));
        }
        return registered;
    }

    /** The practice's people by name, those who left among them. */
    @Transactional(readOnly = true)
    public List<Person> ofPractice(UUID practiceId) {
        return advisors.findByPracticeIdOrderByNameAscIdAsc(practiceId).stream()
                .map(Person::of)
                .toList();
    }

    /**
     * Somebody of a practice.
     *
     * @throws RefusedException if the practice has nobody with this id
     */
    @Transactional(readOnly = true)
    public Person find(UUID practiceId, UUID id) {
        return Person.of(own(practiceId, id));
    }

    /** Who signs in with an email; nobody where none works with it. */
    @Transactional(readOnly = true)
    public Optional<SignedInAdvisor> byEmail(String email) {
        boolean canBeOne = email.chars().noneMatch(Character::isISOControl);
        return canBeOne
                ? advisors.findByEmail(Advisor.inSmallLetters(email)).map(SignedInAdvisor::of)
                : Optional.empty();
    }

    /**
     * Adds somebody, who chooses their password afterwards.
     *
     * @throws RefusedException if the email is another's already
     */
    @Transactional
    public Person invite(UUID practiceId, String name, String email, Role role) {
        return Person.of(add(new Advisor(practiceId, name, email, role)));
    }

    /** Calls somebody otherwise, and lets them do more or less. */
    @Transactional
    public Person change(UUID practiceId, UUID id, String name, Role role) {
        Advisor advisor = own(practiceId, id);
        advisor.change(name, role);
        events.publishEvent(new KnownAdvisors.Changed(id));
        return Person.of(advisor);
    }

    /** @param at when somebody left; none if they come back */
    @Transactional
    public Person leave(UUID practiceId, UUID id, Instant at) {
        Advisor advisor = own(practiceId, id);
        advisor.leave(at);
        events.publishEvent(new KnownAdvisors.Changed(id));
        return Person.of(advisor);
    }

    /** Sets a password, which was found good before. */
    @Transactional
    public void takePassword(UUID practiceId, UUID id, String password) {
        own(practiceId, id).takePassword(passwords.encode(password));
    }

    /** Whether somebody works with this email and signs in with this password. */
    @Transactional(readOnly = true)
    public boolean opens(String email, String password) {
        return byEmail(email).filter(advisor -> isPassword(advisor, password)).isPresent();
    }

    /** Whether this is their password. */
    boolean isPassword(SignedInAdvisor advisor, String password) {
        return passwords.matches(
                password, own(advisor.practiceId(), advisor.id()).passwordHash());
    }

    private Advisor own(UUID practiceId, UUID id) {
        return advisors.findByPracticeIdAndId(practiceId, id)
                .orElseThrow(() -> new RefusedException(
                        HttpStatus.NOT_FOUND, "No such person", "Your practice has nobody with this address."));
    }

    private Advisor add(Advisor advisor) {
        if (advisors.findByEmail(advisor.email()).isPresent()) {
            throw RefusedException.atField(
                    "/email",
                    advisor.email(),
                    "an email nobody signs in with",
                    "Somebody signs in with this email already.");
        }
        return advisors.saveAndFlush(advisor);
    }
}
