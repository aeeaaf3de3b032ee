package app.impendium.server.people;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Where people reach the application, as whoever runs it said: what a request calls its host, anybody can say. */
@Component
class PublicAddress {
    private final String home;

    PublicAddress(@Value("${impendium.public-address}") String home) {
        this.home = home.replaceAll("/+$", "");
    }

    /** Where a link leads to. Servers on the way do not see what stands behind the number sign. */
    String of(PasswordLink link) {
        return home + "/password#" + link.key();
    }
}
