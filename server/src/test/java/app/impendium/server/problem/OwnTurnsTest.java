package app.impendium.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

@Timeout(value = 30, unit = TimeUnit.SECONDS)
class OwnTurnsTest {
    private final OwnTurns<String> turns = new OwnTurns<>(2, 3, Duration.ofSeconds(20));

    @Test
    void whoAsksForMoreWaitsForTheirOwnTurnAndKeepsNobodyElse() throws Exception {
        assertThat(turns.begin("greedy")).isTrue();
        assertThat(turns.begin("greedy")).isTrue();
        CompletableFuture<Boolean> third = new CompletableFuture<>();
        Thread waiting = new Thread(() -> third.complete(turns.begin("greedy")));
        waiting.start();
        while (waiting.getState() != Thread.State.TIMED_WAITING) {
            Thread.onSpinWait();
        }

        assertThat(turns.begin("other")).isTrue();
        assertThat(third).isNotDone();
        turns.end("greedy");
        assertThat(third.get()).isTrue();
    }

    @Test
    void tellsWhoseTurnDoesNotCome() {
        OwnTurns<String> impatient = new OwnTurns<>(1, 2, Duration.ZERO);
        assertThat(impatient.begin("one")).isTrue();
        assertThat(impatient.begin("one")).isFalse();
        assertThat(impatient.begin("two")).isTrue();
        assertThat(impatient.begin("three")).isFalse();
        impatient.end("one");
        assertThat(impatient.begin("three")).isTrue();
    }
}
