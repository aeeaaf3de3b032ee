package app.impendium.server.handout.content;

/** A paragraph. */
public record TextBlock(String text) implements Block {
    static final String KIND = "TEXT";
}
