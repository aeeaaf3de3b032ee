package app.impendium.server.problem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.UUID;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;

class SharedTurnsTest {
    private final SharedTurns<UUID> turns = new SharedTurns<>(new Turns(10, 0, Duration.ZERO, "Many are looking."), 6);

    @Test
    void oneHasSixAtOnceAndOthersHaveTheirs() {
        UUID link = UUID.randomUUID();
        UUID other = UUID.randomUUID();

        assertThat(within(link, 5, () -> turns.take(other, () -> "read"))).isEqualTo("read");
        assertThatThrownBy(() -> within(link, 6, () -> turns.take(link, () -> "read")))
                .isInstanceOf(BusyException.class);
        assertThat(turns.take(link, () -> "read")).isEqualTo("read");
    }

    /** Does something while so many read a page. */
    private String within(UUID link, int readers, Supplier<String> work) {
        return readers == 0 ? work.get() : turns.take(link, () -> within(link, readers - 1, work));
    }
}
