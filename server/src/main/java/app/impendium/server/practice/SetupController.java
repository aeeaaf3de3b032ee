package app.impendium.server.practice;

import app.impendium.server.document.Market;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Setting up a practice of one's own, by a code that the launcher tells. */
@RestController
class SetupController {
    private final FirstOwner firstOwner;

    SetupController(FirstOwner firstOwner) {
        this.firstOwner = firstOwner;
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

    @PostMapping("/api/setup")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setUp(@RequestBody NewPractice wanted) {
        firstOwner.setUp(wanted);
    }
}
