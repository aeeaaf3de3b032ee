package app.impendium.server.practice;

import app.impendium.server.account.Role;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.Market;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who is signed in, and to which practice. Signing in and out are filters at the same address. */
@RestController
class SessionController {
    private final PracticeSettings settings;

    SessionController(PracticeSettings settings) {
        this.settings = settings;
    }

    /**
     * The signed-in advisor.
     *
     * @param name the advisor's name
     * @param practice the practice's name
     * @param role what they may do in it
     * @param market as which the practice writes dates outside its cases
     * @param timeZone where it works, as an IANA name
     */
    record SessionView(String name, String email, String practice, Role role, Market market, String timeZone) {}

    @GetMapping("/api/session")
    SessionView current(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return new SessionView(
                advisor.name(),
                advisor.email(),
                settings.name(advisor),
                advisor.role(),
                settings.market(advisor),
                settings.timeZone(advisor).getId());
    }
}
