package app.impendium.server.evaluation;

/**
 * The computation's conventions for those that a document names. They go by the same names; when the computation renames one,
 * the document keeps its own, and the difference belongs here.
 */
final class CoreNames {
    private CoreNames() {}

    /** The computation's value for one of the document's. */
    static <T extends Enum<T>> T of(Class<T> type, Enum<?> named) {
        return Enum.valueOf(type, named.name());
    }
}
