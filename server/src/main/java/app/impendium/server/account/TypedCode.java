package app.impendium.server.account;

import java.util.Locale;
import java.util.regex.Pattern;

/** Codes in Base32 as people type them: capitals, spaces and hyphens do not matter, and a zero is an O as a one is an I. */
public final class TypedCode {
    private static final Pattern NOT_OF_A_CODE = Pattern.compile("[^A-Z2-7]");

    private TypedCode() {}

    /** The code that was meant; it may be none at all. */
    public static String plain(String typed) {
        String capitals = typed.toUpperCase(Locale.ROOT).replace('0', 'O').replace('1', 'I');
        return NOT_OF_A_CODE.matcher(capitals).replaceAll("");
    }
}
