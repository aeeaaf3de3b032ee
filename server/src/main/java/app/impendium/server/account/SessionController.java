package app.impendium.server.account;

import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who is signed in. Signing in and out are filters of {@link SignInSecurity} at the same address. */
@RestController
class SessionController {

    /**
     * The signed-in advisor.
     *
     * @param name the advisor's name
     * @param practice the practice's name
     */
    record SessionView(String name, String email, String practice) {}

    @GetMapping("/api/session")
    SessionView current(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return new SessionView(advisor.name(), advisor.getUsername(), advisor.practiceName());
    }
}
