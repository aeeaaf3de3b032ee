package app.impendium.server.words;

import app.impendium.core.finding.Shortened;
import java.time.LocalDate;

/** What a file that is handed out is called: the case's title and the day, and nothing else of it. */
public final class FileName {
    private static final int MOST_CHARACTERS = 80;

    private FileName() {}

    /** A name that every system can keep: 7 Tollgate Rise 2026-11-26.pdf. */
    public static String of(String title, LocalDate day, String ending) {
        String kept = title.replaceAll("[^\\p{L}\\p{N} .,'’&()-]", " ")
                .replaceAll("\\s+", " ")
                .strip();
        String shortened = Shortened.start(kept, MOST_CHARACTERS).strip();
        return (shortened.isEmpty() ? "Hand-out" : shortened) + " " + day + "." + ending;
    }
}
