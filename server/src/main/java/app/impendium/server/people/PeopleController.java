package app.impendium.server.people;

import app.impendium.server.account.OwnersOnly;
import app.impendium.server.account.Person;
import app.impendium.server.account.PersonFields;
import app.impendium.server.account.Role;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.mail.Outbox;
import app.impendium.server.mail.Outbox.Way;
import app.impendium.server.mail.SentMail;
import app.impendium.server.people.People.Invited;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import app.impendium.server.recorded.RecordedNote;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The people of the signed-in advisor's practice: everybody sees them, owners decide. */
@RestController
class PeopleController {
    private final People people;
    private final Outbox outbox;

    PeopleController(People people, Outbox outbox) {
        this.people = people;
        this.outbox = outbox;
    }

    @GetMapping("/api/people")
    List<Person> people(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return people.of(advisor);
    }

    record NewPerson(String name, String email, Role role) {}

    /**
     * Somebody who was made a link by which they choose their password.
     *
     * @param way how the link reaches them; where it does not, a command on the machine tells one
     * @param key told this once, and only where mail is shown for all is made up; the link is /password with the key behind the number
     *     sign
     */
    record InvitedView(
            Person person, Way way, @Schema(nullable = true) String key, Instant endsAt) {
        static InvitedView of(Invited invited) {
            return new InvitedView(
                    invited.person(),
                    invited.way(),
                    invited.way() == Way.SHOWN ? invited.link().key() : null,
                    invited.link().endsAt());
        }
    }

    @OwnersOnly
    @Recorded(value = Action.CREATED, of = Kind.PERSON)
    @PostMapping("/api/people")
    @ResponseStatus(HttpStatus.CREATED)
    InvitedView invite(@AuthenticationPrincipal SignedInAdvisor owner, @RequestBody NewPerson wanted) {
        String name = PersonFields.name(wanted.name());
        String email = PersonFields.email(wanted.email());
        return InvitedView.of(people.invite(owner, name, email, PersonFields.role(wanted.role())));
    }

    record ChangedPerson(String name, Role role) {}

    @OwnersOnly
    @Recorded(value = Action.CHANGED, of = Kind.PERSON)
    @PutMapping("/api/people/{id}")
    Person change(
            @AuthenticationPrincipal SignedInAdvisor owner, @PathVariable UUID id, @RequestBody ChangedPerson wanted) {
        Role before = people.find(owner, id).role();
        Person changed = people.change(owner, id, PersonFields.name(wanted.name()), PersonFields.role(wanted.role()));
        if (changed.role() != before) {
            RecordedNote.say("from " + before.word() + " to " + changed.role().word());
        }
        return changed;
    }

    /** Signs somebody out wherever they are; they may sign in again. */
    @OwnersOnly
    @Recorded(value = Action.CHANGED, of = Kind.PERSON)
    @DeleteMapping("/api/people/{id}/sessions")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endSessions(@AuthenticationPrincipal SignedInAdvisor owner, @PathVariable UUID id) {
        people.endSessions(owner, id);
        RecordedNote.say("signed out everywhere");
    }

    /** Ends somebody's work in the practice. */
    @OwnersOnly
    @Recorded(value = Action.DELETED, of = Kind.PERSON)
    @DeleteMapping("/api/people/{id}")
    Person leave(@AuthenticationPrincipal SignedInAdvisor owner, @PathVariable UUID id) {
        return people.leave(owner, id);
    }

    /** Lets somebody who left work here again. */
    @OwnersOnly
    @Recorded(value = Action.CHANGED, of = Kind.PERSON)
    @PostMapping("/api/people/{id}/return")
    Person comeBack(@AuthenticationPrincipal SignedInAdvisor owner, @PathVariable UUID id) {
        return people.comeBack(owner, id);
    }

    /** Sends somebody a new link to choose a password. */
    @OwnersOnly
    @Recorded(value = Action.CHANGED, of = Kind.PERSON)
    @PostMapping("/api/people/{id}/password-link")
    InvitedView passwordLink(@AuthenticationPrincipal SignedInAdvisor owner, @PathVariable UUID id) {
        return InvitedView.of(people.sendPasswordLink(owner, id));
    }

    /** Lets somebody who lost what told them codes in by their password alone. */
    @OwnersOnly
    @Recorded(value = Action.CHANGED, of = Kind.PERSON)
    @DeleteMapping("/api/people/{id}/second-factor")
    Person dropSecondFactor(@AuthenticationPrincipal SignedInAdvisor owner, @PathVariable UUID id) {
        return people.dropSecondFactor(owner, id);
    }

    /** Mail to the practice's people, the latest first. */
    @OwnersOnly
    @GetMapping("/api/sent-mail")
    List<SentMail> sentMail(@AuthenticationPrincipal SignedInAdvisor owner) {
        return outbox.of(owner.practiceId());
    }
}
