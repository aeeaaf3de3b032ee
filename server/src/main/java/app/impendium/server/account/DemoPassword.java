package app.impendium.server.account;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The password of the demo's people, which everyone can read: it opens nothing where the demo was not asked for. */
@Component
public class DemoPassword {
    public static final String TEXT = "lantern-harbour-42";

    private final boolean opens;

    DemoPassword(@Value("${impendium.demo}") boolean opens) {
        this.opens = opens;
    }

    static boolean is(String password) {
        return TEXT.equals(password);
    }

    /** Whether somebody may not sign in with this, though it be theirs. */
    boolean isClosed(String password) {
        return !opens && is(password);
    }
}
