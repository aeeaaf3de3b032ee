package app.impendium.core;

import java.util.function.Supplier;

/**
 * A part of an evaluation, computed when it is first asked for and then kept. Parts follow from what cannot change, so
 * two threads that ask at once compute the same.
 */
final class Part<T> {
    private final Supplier<T> compute;
    private T value;

    Part(Supplier<T> compute) {
        this.compute = compute;
    }

    T get() {
        T known = value;
        if (known == null) {
            known = compute.get();
            value = known;
        }
        return known;
    }
}
