package app.impendium.server.handout.pdf;

/** Writes text into XML. */
final class Xml {
    private Xml() {}

    /** A text as it stands between tags or in quotes: nothing in it is markup, and no sign that XML does not know is left. */
    static String text(String given) {
        StringBuilder safe = new StringBuilder(given.length());
        given.codePoints().forEach(sign -> {
            switch (sign) {
                case '&' -> safe.append("&amp;");
                case '<' -> safe.append("&lt;");
                case '>' -> safe.append("&gt;");
                case '"' -> safe.append("&quot;");
                default -> {
                    if (isKnown(sign)) {
                        safe.appendCodePoint(sign);
                    }
                }
            }
        });
        return safe.toString();
    }

    /** What XML 1.0 has (2.2): no control characters, no half of a character, neither U+FFFE nor U+FFFF. */
    private static boolean isKnown(int sign) {
        return sign == '\n' || sign >= ' ' && sign <= 0xD7FF || sign >= 0xE000 && sign <= 0xFFFD || sign >= 0x10000;
    }
}
