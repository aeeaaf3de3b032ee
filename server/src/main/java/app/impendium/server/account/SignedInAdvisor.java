package app.impendium.server.account;

import java.util.UUID;

/**
 * Who is signed in.
 *
 * @param practiceId the practice that every query is scoped to
 * @param name the advisor's name, as others see it
 * @param role what they may do in their practice
 */
public record SignedInAdvisor(UUID id, UUID practiceId, String name, String email, Role role) {

    static SignedInAdvisor of(Advisor advisor) {
        return new SignedInAdvisor(advisor.id(), advisor.practiceId(), advisor.name(), advisor.email(), advisor.role());
    }
}
