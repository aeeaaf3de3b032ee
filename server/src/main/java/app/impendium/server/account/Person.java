package app.impendium.server.account;

import java.util.UUID;

/**
 * Somebody of a practice.
 *
 * @param state whether they have yet to choose a password, work here, or have left
 * @param hasSecondFactor whether they type a code beside their password
 */
public record Person(UUID id, String name, String email, Role role, State state, boolean hasSecondFactor) {

    /** How far somebody's time in a practice is. */
    public enum State {
        INVITED,
        WORKING,
        LEFT
    }

    static Person of(Advisor advisor) {
        return new Person(
                advisor.id(),
                advisor.name(),
                advisor.email(),
                advisor.role(),
                advisor.state(),
                advisor.hasSecondFactor());
    }
}
