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
                    if (sign >= ' ' || sign == '\n') {
                        safe.appendCodePoint(sign);
                    }
                }
            }
        });
        return safe.toString();
    }
}
