package app.impendium.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;

class RememberedTest {
    private final Map<String, String> stored = new HashMap<>(Map.of("a", "Ada", "b", "Ben"));
    private final List<String> asked = new ArrayList<>();
    private final AtomicLong nanos = new AtomicLong();
    private final Remembered<String, String> remembered = new Remembered<>(this::find, this::findAgain, nanos::get);

    @Test
    void asksOnceForWhatItKnows() {
        get("a", 100);
        assertThat(remembered.get("a")).hasValue("Ada");
        assertThat(asked).containsExactly("a");
    }

    @Test
    void asksOnceForAllThatIsUsed() {
        get("a", 3);
        get("b", 3);
        stored.put("b", "Benno");
        remembered.askAgain();

        assertThat(remembered.get("b")).hasValue("Benno");
        assertThat(asked).containsExactly("a", "b", "a and b");
    }

    @Test
    void forgetsWhatIsGoneAndWhatNobodyUses() {
        get("a", 2);
        get("b", 1);
        stored.remove("a");
        remembered.askAgain();

        assertThat(remembered.get("a")).isEmpty();
        assertThat(remembered.get("b")).hasValue("Ben");
        assertThat(asked).containsExactly("a", "b", "a", "a", "b");
    }

    @Test
    void trustsNothingThatWasNotAskedForLately() {
        get("a", 2);
        stored.remove("a");
        nanos.addAndGet(Duration.ofSeconds(5).toNanos());

        assertThat(remembered.get("a")).isEmpty();
    }

    @Test
    void forgetsAtOnceWhatEndsHereEvenWhileItAsksAgain() {
        AtomicReference<Remembered<String, String>> own = new AtomicReference<>();
        Remembered<String, String> racing = new Remembered<>(
                this::find,
                known -> {
                    Map<String, String> before = findAgain(known);
                    own.get().forget("a");
                    stored.remove("a");
                    return before;
                },
                nanos::get);
        own.set(racing);
        racing.get("a");
        racing.get("a");
        racing.askAgain();

        assertThat(racing.get("a")).isEmpty();
    }

    private void get(String key, int times) {
        for (int i = 0; i < times; i++) {
            remembered.get(key);
        }
    }

    private Optional<String> find(String key) {
        asked.add(key);
        return Optional.ofNullable(stored.get(key));
    }

    private Map<String, String> findAgain(Map<String, String> known) {
        asked.add(String.join(" and ", known.keySet().stream().sorted().toList()));
        Map<String, String> still = new HashMap<>(stored);
        still.keySet().retainAll(known.keySet());
        return still;
    }
}
