package app.impendium.server.account;

import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.function.Function;
import java.util.function.LongSupplier;

/**
 * Remembers for some seconds what the database said, since every request asks it. What is in use is asked about again in one question
 * for all of it, more often than it is forgotten.
 *
 * @param <K> by which it is asked for
 * @param <V> what is remembered; never changed
 */
final class Remembered<K, V> {
    /** What another instance has ended is known here as long at most. */
    private static final Duration LONGEST = Duration.ofSeconds(4);

    private final ConcurrentMap<K, Entry<V>> entries = new ConcurrentHashMap<>();
    private final Function<K, Optional<V>> find;
    private final Function<Map<K, V>, Map<K, V>> findAgain;
    private final LongSupplier nanos;

    private static final class Entry<V> {
        private final V value;
        private final long askedAtNanos;
        private volatile boolean isUsed;

        private Entry(V value, long askedAtNanos) {
            this.value = value;
            this.askedAtNanos = askedAtNanos;
        }
    }

    /**
     * @param find asks for one
     * @param findAgain asks for all that are remembered: those that are there still, as they are now
     * @param nanos a clock that never goes back
     */
    Remembered(Function<K, Optional<V>> find, Function<Map<K, V>, Map<K, V>> findAgain, LongSupplier nanos) {
        this.find = find;
        this.findAgain = findAgain;
        this.nanos = nanos;
    }

    /** What is behind a key; none where there is nothing, which is not remembered. */
    Optional<V> get(K key) {
        Entry<V> known = entries.get(key);
        if (known != null && nanos.getAsLong() - known.askedAtNanos < LONGEST.toNanos()) {
            known.isUsed = true;
            return Optional.of(known.value);
        }
        long now = nanos.getAsLong();
        Optional<V> found = find.apply(key);
        if (found.isPresent()) {
            entries.put(key, new Entry<>(found.get(), now));
        } else {
            entries.remove(key);
        }
        return found;
    }

    void forget(K key) {
        entries.remove(key);
    }

    /** Asks again for all that was used since the last time, and forgets the others. */
    void askAgain() {
        Map<K, V> used = new HashMap<>();
        entries.forEach((key, entry) -> {
            if (entry.isUsed) {
                used.put(key, entry.value);
            } else {
                entries.remove(key, entry);
            }
        });
        if (used.isEmpty()) {
            return;
        }
        long now = nanos.getAsLong();
        Map<K, V> still = findAgain.apply(used);
        used.forEach((key, value) -> entries.computeIfPresent(key, (same, entry) -> {
            if (entry.value != value) {
                return entry;
            }
            return still.containsKey(key) ? new Entry<>(still.get(key), now) : null;
        }));
    }
}
