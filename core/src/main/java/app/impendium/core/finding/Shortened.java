package app.impendium.core.finding;

/** The beginning of a text that is told back, or has little room. */
public final class Shortened {
    private static final int MOST_ECHOED = 40;

    private Shortened() {}

    /** What somebody gave, as it is told back to them: its first forty characters. */
    public static String echo(String given) {
        return given.length() <= MOST_ECHOED ? given : start(given, MOST_ECHOED) + "…";
    }

    /** The text in at most so many characters, the ellipsis of a longer one among them. */
    public static String to(int most, String text) {
        return text.length() <= most ? text : start(text, most - 1) + "…";
    }

    /** The first characters of a text, at most so many: one that takes two places, such as an emoji, is never divided. */
    public static String start(String text, int most) {
        if (text.length() <= most) {
            return text;
        }
        return text.substring(0, most > 0 && Character.isHighSurrogate(text.charAt(most - 1)) ? most - 1 : most);
    }
}
