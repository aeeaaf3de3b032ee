package app.impendium.server.words;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What figures, rules and conventions are called: the very words of the screens, by the names that the interface has for them. */
public final class Words {
    private static final Map<String, String> FIGURES = all("figures");
    private static final Map<String, String> NAMES = all("names");
    private static final Map<String, String> CLOSING = all("closing");
    private static final Map<String, String> RULES = all("rules");
    private static final Map<String, String> ROUNDING_NOTES = all("roundingNotes");
    private static final Map<String, String> FREQUENCIES = all("frequencies");
    private static final Map<String, String> COMPOUNDINGS = all("compoundings");
    private static final Map<String, String> ROUNDINGS = all("roundings");
    private static final Map<String, String> MILESTONES = all("milestones");

    private Words() {}

    /** What a figure is called: Total interest. */
    public static String figure(Enum<?> figure) {
        return of(FIGURES, figure);
    }

    /** What a number in a working is called: Rate per payment, i. */
    public static String name(Enum<?> name) {
        String own = NAMES.get(name.name());
        if (own != null) {
            return own;
        }
        String item = CLOSING.get(name.name());
        return item != null ? item : of(FIGURES, name);
    }

    /** A rule in words, as an advisor would say it to a client. */
    public static String rule(Enum<?> rule) {
        return of(RULES, rule);
    }

    /** How a figure was rounded, as a sentence. */
    public static String roundingNote(Enum<?> rounding) {
        return of(ROUNDING_NOTES, rounding);
    }

    /** How often a loan is paid: every two weeks. */
    public static String frequency(Enum<?> frequency) {
        return of(FREQUENCIES, frequency);
    }

    /** How often a rate compounds: half-yearly. */
    public static String compounding(Enum<?> compounding) {
        return of(COMPOUNDINGS, compounding);
    }

    /** How payments are rounded: to the nearest cent. */
    public static String rounding(Enum<?> rounding) {
        return of(ROUNDINGS, rounding);
    }

    /** A cost or credit at closing: Loan fees. */
    public static String closing(Enum<?> kind) {
        return of(CLOSING, kind);
    }

    /** What happens in a loan's life: rate changes. */
    public static String milestone(Enum<?> kind) {
        return of(MILESTONES, kind);
    }

    private static String of(Map<String, String> words, Enum<?> named) {
        String found = words.get(named.name());
        if (found == null) {
            throw new IllegalStateException("there are no words for " + named);
        }
        return found;
    }

    static <T> T read(String file, TypeReference<T> type) {
        try (InputStream in = Words.class.getResourceAsStream("/words/" + file + ".json")) {
            return JsonMapper.shared().readValue(in, type);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Map<String, String> all(String file) {
        return read(file, new TypeReference<>() {});
    }
}
