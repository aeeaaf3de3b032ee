package app.impendium.server.people;

import app.impendium.server.account.Advisors;
import app.impendium.server.account.OpenSessions;
import app.impendium.server.account.Person;
import app.impendium.server.account.Person.State;
import app.impendium.server.account.Role;
import app.impendium.server.account.SecondFactor;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.mail.Mail;
import app.impendium.server.mail.Outbox;
import app.impendium.server.mail.Outbox.Way;
import app.impendium.server.practice.PracticeSettings;
import app.impendium.server.problem.RefusedException;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who works in a practice, and what they may do. There is always an owner who can sign in. */
@Service
class People {
    private static final int MOST_PEOPLE = 500;

    private final Advisors advisors;
    private final PasswordLinks links;
    private final OpenSessions sessions;
    private final SecondFactor secondFactor;
    private final PracticeSettings practices;
    private final Outbox outbox;
    private final PublicAddress address;
    private final Clock clock;

    People(
            Advisors advisors,
            PasswordLinks links,
            OpenSessions sessions,
            SecondFactor secondFactor,
            PracticeSettings practices,
            Outbox outbox,
            PublicAddress address,
            Clock clock) {
        this.advisors = advisors;
        this.links = links;
        this.sessions = sessions;
        this.secondFactor = secondFactor;
        this.practices = practices;
        this.outbox = outbox;
        this.address = address;
        this.clock = clock;
    }

    /** Everybody who works or worked in the practice, by name. */
    @Transactional(readOnly = true)
    List<Person> of(SignedInAdvisor asking) {
        return advisors.ofPractice(asking.practiceId());
    }

    /**
     * Somebody invited, and the link by which they choose their password.
     *
     * @param way how the link reaches them
     */
    record Invited(Person person, PasswordLink link, Way way) {}

    /**
     * Adds somebody, and sends them a link to choose their password.
     *
     * @throws RefusedException if the email is another's
     */
    @Transactional
    Invited invite(SignedInAdvisor owner, String name, String email, Role role) {
        if (advisors.ofPractice(owner.practiceId()).size() >= MOST_PEOPLE) {
            throw new RefusedException(
                    HttpStatus.CONFLICT, "Too many people", "A practice has at most " + MOST_PEOPLE + " people.");
        }
        Person invited = advisors.invite(owner.practiceId(), name, email, role);
        PasswordLink link = links.issue(owner.practiceId(), invited.id());
        send(owner, invited, "Join " + practices.name(owner) + " in Impendium", """
                %s invites you to work in %s with Impendium.

                Choose your password here, within three days:
                %s
                """.formatted(
                        owner.name(), practices.name(owner), address.of(link)));
        return new Invited(invited, link, outbox.way());
    }

    /** Sends somebody a new link to choose a password, because they lost theirs or never used the first. */
    @Transactional
    Invited sendPasswordLink(SignedInAdvisor owner, UUID id) {
        Person person = working(owner, id);
        PasswordLink link = links.issue(owner.practiceId(), id);
        send(owner, person, "Choose a new password for Impendium", """
                %s sends you a link to choose a new password. It is good once, for three days:
                %s

                Your password stays as it is until you use it.
                """.formatted(owner.name(), address.of(link)));
        return new Invited(person, link, outbox.way());
    }

    /**
     * Somebody of the practice.
     *
     * @throws RefusedException if the practice has nobody of this id
     */
    @Transactional(readOnly = true)
    Person find(SignedInAdvisor owner, UUID id) {
        return advisors.find(owner.practiceId(), id);
    }

    /** Signs somebody out wherever they are, as after a lost laptop; their work and their password stay. */
    @Transactional(readOnly = true)
    void endSessions(SignedInAdvisor owner, UUID id) {
        sessions.endAll(working(owner, id).email());
    }

    /** Calls somebody otherwise, or lets them do more or less. */
    @Transactional
    Person change(SignedInAdvisor owner, UUID id, String name, Role role) {
        practices.hold(owner);
        working(owner, id);
        Person changed = advisors.change(owner.practiceId(), id, name, role);
        keepAnOwner(owner);
        return changed;
    }

    /** Ends somebody's work here: they are signed out at once, and sign in no more. What they did keeps their name. */
    @Transactional
    Person leave(SignedInAdvisor owner, UUID id) {
        practices.hold(owner);
        working(owner, id);
        Person left = advisors.leave(owner.practiceId(), id, clock.instant());
        keepAnOwner(owner);
        links.end(id);
        sessions.endAll(left.email());
        return left;
    }

    /** Lets somebody who left work here again. */
    @Transactional
    Person comeBack(SignedInAdvisor owner, UUID id) {
        return advisors.leave(owner.practiceId(), id, null);
    }

    /** Lets somebody in by their password alone, because they lost what told them codes. */
    @Transactional
    Person dropSecondFactor(SignedInAdvisor owner, UUID id) {
        Person person = working(owner, id);
        secondFactor.remove(id);
        send(owner, person, "No code is asked for any more", """
                %s lets you sign in to Impendium by your password alone again, because you lost what told you codes.

                If you did not ask for it, tell them at once.
                """.formatted(owner.name()));
        return advisors.find(owner.practiceId(), id);
    }

    private Person working(SignedInAdvisor owner, UUID id) {
        Person person = advisors.find(owner.practiceId(), id);
        if (person.state() == State.LEFT) {
            throw new RefusedException(
                    HttpStatus.CONFLICT, "They have left", person.name() + " has left. Bring them back first.");
        }
        return person;
    }

    private void keepAnOwner(SignedInAdvisor asking) {
        boolean hasOwner = advisors.ofPractice(asking.practiceId()).stream()
                .anyMatch(each -> each.role() == Role.OWNER && each.state() == State.WORKING);
        if (!hasOwner) {
            throw new RefusedException(
                    HttpStatus.CONFLICT, "No owner would be left", "Make somebody else an owner first.");
        }
    }

    private void send(SignedInAdvisor owner, Person to, String subject, String words) {
        outbox.send(owner.practiceId(), new Mail(to.email(), subject, words));
    }
}
