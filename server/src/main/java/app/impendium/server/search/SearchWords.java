package app.impendium.server.search;

import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** What somebody searches for, written as what is searched is: in small letters without accents. */
public final class SearchWords {
    private static final int MOST_CHARACTERS = 200;
    private static final Pattern ACCENTS = Pattern.compile("[\\u0300-\\u036f]");
    private static final Pattern WILDCARDS = Pattern.compile("[!%_]");
    private static final Pattern SPACE = Pattern.compile("\\s+");

    private SearchWords() {}

    /** Whether nothing can be called like this: it is longer than anything, or has characters that cannot be seen. */
    public static boolean isUnlikeAnything(String typed) {
        return typed.length() > MOST_CHARACTERS || typed.chars().anyMatch(Character::isISOControl);
    }

    /** For each word a LIKE pattern whose escape character is "!"; what is searched has to be like all of them. */
    public static List<String> patterns(String typed) {
        return SPACE.splitAsStream(plain(typed))
                .filter(word -> !word.isEmpty())
                .map(word -> "%" + WILDCARDS.matcher(word).replaceAll("!$0") + "%")
                .toList();
    }

    private static String plain(String typed) {
        return ACCENTS.matcher(Normalizer.normalize(typed, Normalizer.Form.NFD))
                .replaceAll("")
                .toLowerCase(Locale.ROOT);
    }
}
