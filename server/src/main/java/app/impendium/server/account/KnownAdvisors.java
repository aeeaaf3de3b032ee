package app.impendium.server.account;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/** Who may be signed in, remembered for some seconds: every request asks. */
@Component
class KnownAdvisors {
    private static final long LOOK_AGAIN_MS = 1500;

    private final AdvisorRepository advisors;
    private final Remembered<UUID, SignedInAdvisor> remembered =
            new Remembered<>(this::find, this::findAgain, System::nanoTime);

    /** Somebody is called otherwise, may do otherwise, or works here no more, or again. */
    record Changed(UUID id) {}

    KnownAdvisors(AdvisorRepository advisors) {
        this.advisors = advisors;
    }

    /** Who this is; nobody where they may not sign in. */
    Optional<SignedInAdvisor> get(UUID id) {
        return remembered.get(id);
    }

    @TransactionalEventListener
    void forget(Changed advisor) {
        remembered.forget(advisor.id());
    }

    /** Learns of what has changed on another instance. */
    @Scheduled(fixedDelay = LOOK_AGAIN_MS)
    void lookAgain() {
        remembered.askAgain();
    }

    private Optional<SignedInAdvisor> find(UUID id) {
        return advisors.findById(id).filter(Advisor::maySignIn).map(SignedInAdvisor::of);
    }

    private Map<UUID, SignedInAdvisor> findAgain(Map<UUID, SignedInAdvisor> known) {
        return advisors.findAllById(known.keySet()).stream()
                .filter(Advisor::maySignIn)
                .collect(Collectors.toMap(Advisor::id, SignedInAdvisor::of));
    }
}
