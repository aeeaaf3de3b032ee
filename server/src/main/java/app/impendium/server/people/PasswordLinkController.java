package app.impendium.server.people;

import app.impendium.server.people.PasswordLinks.Receiver;
import app.impendium.server.practice.PracticeSettings;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Choosing a password by a link, before one can sign in. The key stands in the body, never in an address, which servers write down. */
@RestController
@RequestMapping("/api/password-links")
class PasswordLinkController {
    private final PasswordLinks links;
    private final PracticeSettings practices;

    PasswordLinkController(PasswordLinks links, PracticeSettings practices) {
        this.links = links;
        this.practices = practices;
    }

    record LinkKey(String key) {}

    /** Whom a link is for. */
    record ReceiverView(String name, String email, String practice) {}

    @PostMapping("/reading")
    ReceiverView read(@RequestBody LinkKey link) {
        Receiver receiver = links.receiver(link.key());
        return new ReceiverView(
                receiver.person().name(), receiver.person().email(), practices.name(receiver.practiceId()));
    }

    record ChosenPassword(String key, String password) {}

    @PutMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void choose(@RequestBody ChosenPassword chosen) {
        links.choose(chosen.key(), chosen.password());
    }
}
