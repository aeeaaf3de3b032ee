package app.impendium.server.account;

import app.impendium.server.problem.RefusedException;
import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * Which passwords may be chosen: long ones that are not made of common passwords, names, dates or keys in a row. Which those are,
 * and how many guesses they take, is told by a library that ships their lists.
 */
@Component
public class PasswordRules {
    private static final int FEWEST_CHARACTERS = 12;
    /** What the hash looks at. */
    private static final int MOST_BYTES = 72;
    /** Of 0 to 4: from here on it takes more than a hundred million guesses. */
    private static final int LEAST_STRENGTH = 3;

    /** Others try what the product is called before anything else. */
    private static final List<String> OWN_NAMES = List.of("impendium", "lantern-harbour");

    /** What is typed by nobody and seen by nobody: control and format signs, fillers, blanks other than the usual. */
    private static final Pattern INVISIBLE =
            Pattern.compile("[\\p{C}\\p{Z}\\x{115f}\\x{1160}\\x{2800}\\x{3164}\\x{ffa0}&&[^ ]]");

    private static final Pattern NO_LETTERS = Pattern.compile("[^\\p{L}\\p{N}]+");

    private final Zxcvbn guesses = new Zxcvbn();

    /**
     * Refuses a password that may not be chosen.
     *
     * @param pointer of the field it was typed in
     * @param known what is known of the person, which others try first
     */
    public void check(String pointer, String password, List<String> known) {
        String typed = password == null ? "" : password;
        if (INVISIBLE.matcher(typed).replaceAll("").codePoints().count() < FEWEST_CHARACTERS) {
            throw refused(pointer, "Use at least " + FEWEST_CHARACTERS + " characters. Four words in a row do well.");
        }
        if (typed.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES) {
            throw refused(pointer, "Use at most " + MOST_BYTES + " characters; accented letters count twice.");
        }
        if (DemoPassword.is(typed) || guesses.measure(typed, words(known)).getScore() < LEAST_STRENGTH) {
            throw refused(
                    pointer,
                    "This password is easy to guess: it is made of common passwords, names, dates or keys in a row."
                            + " Four words that have nothing to do with each other do well.");
        }
    }

    /** What is known as it is, and each word of it apart, since people put theirs together otherwise. */
    private static List<String> words(List<String> known) {
        List<String> all = Stream.concat(OWN_NAMES.stream(), known.stream()).toList();
        return Stream.concat(all.stream(), all.stream().flatMap(NO_LETTERS::splitAsStream))
                .toList();
    }

    /** What was typed is not repeated: a refusal goes where passwords should not. */
    private static RefusedException refused(String pointer, String message) {
        return RefusedException.atField(pointer, "a password", "12 to 72 characters, hard to guess", message);
    }
}
