package app.impendium.server.practice;

import app.impendium.server.document.Market;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Setting up a practice of one's own, by a code that the launcher tells. */
@RestController
class SetupController {
    private final FirstOwner firstOwner;
    private final PracticeSetup setup;

    SetupController(FirstOwner firstOwner, PracticeSetup setup) {
        this.firstOwner = firstOwner;
        this.setup = setup;
    }

    /**
     * A practice to set up, and its first owner.
     *
     * @param code of which capitals and hyphens do not matter
     * @param timeZone as an IANA name such as America/Chicago
     */
    record NewPractice(
            String code, String practice, Market market, String timeZone, String name, String email, String password) {

        /** Never the password, nor the code. */
        @Override
        public String toString() {
            return "a practice to set up";
        }
    }

    /**
     * Whether there is a practice to sign in to.
     *
     * @param isEmpty whether the first is still to be set up
     */
    record InstallationView(boolean isEmpty) {}

    @GetMapping("/api/setup")
    InstallationView installation() {
        return new InstallationView(setup.isEmpty());
    }

    @PostMapping("/api/setup")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setUp(@RequestBody NewPractice wanted) {
        firstOwner.setUp(wanted);
    }
}
