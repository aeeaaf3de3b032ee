package app.impendium.server.document;

/** An option, or an entry of one of its lists: what an id tells apart from the others, wherever it moves to. */
public interface Entry {

    /** From 1 to 40 letters, digits and hyphens, once in its list. */
    String id();
}
