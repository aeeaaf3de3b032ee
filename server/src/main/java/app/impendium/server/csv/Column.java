package app.impendium.server.csv;

import java.util.List;
import java.util.Locale;

/**
 * A column that a table can have.
 *
 * @param name what it is called
 * @param isNeeded whether there is nothing to read without it
 * @param alsoCalled other names by which it is known
 */
public record Column(String name, boolean isNeeded, List<String> alsoCalled) {

    /** One without which there is nothing to read. */
    public static Column needed(String name, String... alsoCalled) {
        return new Column(name, true, List.of(alsoCalled));
    }

    /** One that may be there. */
    public static Column optional(String name, String... alsoCalled) {
        return new Column(name, false, List.of(alsoCalled));
    }

    /** Whether a heading of a table names it, however it is written. */
    boolean isNamed(String heading) {
        String plain = plain(heading);
        return plain.equals(plain(name))
                || alsoCalled.stream().map(Column::plain).anyMatch(plain::equals);
    }

    private static String plain(String words) {
        return words.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
    }
}
