package app.impendium.server.handout.content;

/** What must be known of the figures beside it: that some are estimated, or made up by a stand-in. */
public record NoteBlock(String text) implements Block {
    static final String KIND = "NOTE";
}
