package app.impendium.server.opendata;

import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;

/** The lines of a calendar, folded as RFC 5545 asks (3.1): none longer than 75 octets, and no character divided. */
final class ContentLines {
    private static final int MOST_OCTETS = 75;
    private static final String END = "\r\n";

    private ContentLines() {}

    /** @param text in lines that are not folded yet */
    static String folded(String text) {
        return text.lines().map(ContentLines::foldedLine).collect(Collectors.joining(END, "", END));
    }

    private static String foldedLine(String line) {
        StringBuilder folded = new StringBuilder();
        int octets = 0;
        for (int character : line.codePoints().toArray()) {
            String one = Character.toString(character);
            int size = one.getBytes(StandardCharsets.UTF_8).length;
            if (octets + size > MOST_OCTETS) {
                folded.append(END).append(' ');
                octets = 1;
            }
            folded.append(one);
            octets += size;
        }
        return folded.toString();
    }
}
