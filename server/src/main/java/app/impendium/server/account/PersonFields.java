package app.impendium.server.account;

import app.impendium.server.problem.RefusedException;
import java.util.regex.Pattern;

/** Reads what is typed of a person. */
public final class PersonFields {
    private static final int MOST_NAME_CHARACTERS = 100;
    private static final int MOST_EMAIL_CHARACTERS = 254;
    /** Something, one sign, and a name with a point: whether it is somebody's only a mail can tell. */
    private static final Pattern EMAIL =
            Pattern.compile("[^\\s@\\p{Cntrl}]{1,64}@[^\\s@\\p{Cntrl}]+\\.[^\\s@\\p{Cntrl}]+");

    private PersonFields() {}

    /** @throws RefusedException if it is empty, too long, or has characters that cannot be seen */
    public static String name(String given) {
        return line("/name", given, "Type the name.");
    }

    /**
     * A name of one line, of a person or of a practice.
     *
     * @param pointer of the field it was typed in
     * @param whenEmpty what to do where there is none
     */
    public static String line(String pointer, String given, String whenEmpty) {
        String line = given == null ? "" : given.strip();
        String allowed = "1 to " + MOST_NAME_CHARACTERS + " characters";
        if (line.isEmpty()) {
            throw RefusedException.atField(pointer, "nothing", allowed, whenEmpty);
        }
        if (line.length() > MOST_NAME_CHARACTERS) {
            throw RefusedException.atField(
                    pointer,
                    line.length() + " characters",
                    allowed,
                    "Use at most " + MOST_NAME_CHARACTERS + " characters; these are " + line.length() + ".");
        }
        if (line.chars().anyMatch(Character::isISOControl)) {
            throw RefusedException.atField(pointer, "a control character", allowed, "Write it in one line.");
        }
        return line;
    }

    /** @throws RefusedException if it can be no email */
    public static String email(String given) {
        String email = given == null ? "" : given.strip();
        if (email.length() > MOST_EMAIL_CHARACTERS || !EMAIL.matcher(email).matches()) {
            throw RefusedException.atField(
                    "/email",
                    email.isEmpty() ? "nothing" : email,
                    "an email such as ada@example.org",
                    "Type an email, such as ada@example.org.");
        }
        return Advisor.inSmallLetters(email);
    }

    /** @throws RefusedException if none is given */
    public static Role role(Role given) {
        if (given == null) {
            throw RefusedException.atField("/role", "nothing", "OWNER or ADVISOR", "Choose what they may do.");
        }
        return given;
    }
}
