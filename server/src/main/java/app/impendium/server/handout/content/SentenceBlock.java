package app.impendium.server.handout.content;

/** An answer, set larger than what surrounds it. */
public record SentenceBlock(String text) implements Block {
    static final String KIND = "SENTENCE";
}
