package app.impendium.server.client;

import app.impendium.server.account.PersonFields;
import app.impendium.server.problem.RefusedException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What is known of a client; empty where it is not.
 *
 * @param name of a person or a household, from 1 to 200 characters
 * @param email at most 254 characters
 * @param phone as it is dialled, at most 60 characters
 * @param address at most 300 characters
 * @param notes at most 10,000 characters, in as many lines as they need
 */
public record ClientDetails(String name, String email, String phone, String address, String notes) {
    private static final int MOST_NAME = 200;
    private static final int MOST_PHONE = 60;
    private static final int MOST_ADDRESS = 300;
    private static final int MOST_NOTES = 10_000;

    public ClientDetails {
        name = stripped(name);
        email = stripped(email);
        phone = stripped(phone);
        address = stripped(address);
        notes = stripped(notes);
    }

    /** @throws RefusedException if a field is too long, has no meaning, or the name is missing */
    void check() {
        if (name.isEmpty()) {
            throw RefusedException.atField("/name", "nothing", "1 to " + MOST_NAME + " characters", "Type the name.");
        }
        checkLine("/name", name, MOST_NAME);
        checkLine("/phone", phone, MOST_PHONE);
        checkLine("/address", address, MOST_ADDRESS);
        checkLength("/notes", notes, MOST_NOTES);
        if (notes.chars().anyMatch(each -> Character.isISOControl(each) && each != '\n' && each != '\t')) {
            throw RefusedException.atField(
                    "/notes", "a control character", "words in lines", "Write the notes in words and lines.");
        }
        if (!email.isEmpty()) {
            PersonFields.email(email);
        }
    }

    /** The names between commas: of several people, or of one who is written family name first. */
    List<String> names() {
        return Arrays.stream(name.split(","))
                .map(String::strip)
                .filter(each -> !each.isEmpty())
                .distinct()
                .toList();
    }

    /** The same under another name. */
    ClientDetails called(String other) {
        return new ClientDetails(other, email, phone, address, notes);
    }

    /**
     * The same with what another knows where this knows nothing. What both know differently stands in the notes, and their notes one
     * after the other: nothing is lost.
     *
     * @throws RefusedException if that is more than notes hold
     */
    ClientDetails filledFrom(ClientDetails other) {
        String both = Stream.of(
                        notes,
                        other.notes,
                        also("Also known as", name, other.name),
                        also("Other email", email, other.email),
                        also("Other phone", phone, other.phone),
                        also("Other address", address, other.address))
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining("\n\n"));
        ClientDetails filled = new ClientDetails(
                name, either(email, other.email), either(phone, other.phone), either(address, other.address), both);
        filled.check();
        return filled;
    }

    private static String also(String words, String own, String other) {
        boolean isLost = !own.isEmpty() && !other.isEmpty() && !bare(own).equals(bare(other));
        return isLost ? words + ": " + other : "";
    }

    /** However it is written: 0555 0142 and 05550142 are one number. */
    private static String bare(String line) {
        return line.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}@]", "");
    }

    private static String either(String one, String other) {
        return one.isEmpty() ? other : one;
    }

    private static String stripped(String given) {
        return given == null ? "" : given.replace("\r\n", "\n").strip();
    }

    private static void checkLine(String pointer, String given, int most) {
        checkLength(pointer, given, most);
        if (given.chars().anyMatch(Character::isISOControl)) {
            throw RefusedException.atField(
                    pointer,
                    "a control character",
                    "one line of at most " + most + " characters",
                    "Write it in one line.");
        }
    }

    private static void checkLength(String pointer, String given, int most) {
        if (given.length() > most) {
            throw RefusedException.atField(
                    pointer,
                    given.length() + " characters",
                    "at most " + most + " characters",
                    "Use at most " + most + " characters; these are " + given.length() + ".");
        }
    }
}
