package app.impendium.server.handout.content;

/**
 * Words at a point of their base line.
 *
 * @param anchor which end of them lies there
 * @param weight 400 for plain, 600 for strong
 */
public record WordsMark(double x, double y, String words, Anchor anchor, String colour, int weight) implements Mark {
    static final String MARK = "words";
    private static final int PLAIN = 400;
    private static final int STRONG = 600;

    /** Which part of the words lies at the point. */
    public enum Anchor {
        START,
        MIDDLE,
        END
    }

    /** Plain words in a soft colour. */
    public static WordsMark soft(double x, double y, String words, Anchor anchor) {
        return new WordsMark(x, y, words, anchor, "soft", PLAIN);
    }

    /** Strong words. */
    public static WordsMark strong(double x, double y, String words, Anchor anchor, String colour) {
        return new WordsMark(x, y, words, anchor, colour, STRONG);
    }
}
