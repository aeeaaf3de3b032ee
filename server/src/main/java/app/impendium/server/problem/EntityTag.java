package app.impendium.server.problem;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.HttpStatus;

/** The entity tag by which a client says which saved state it has changed. */
public final class EntityTag {
    private static final Pattern REVISION_TAG = Pattern.compile("\"(\\d{1,9})\"");

    private EntityTag() {}

    /** The tag of a revision. */
    public static String of(int revision) {
        return "\"" + revision + "\"";
    }

    /**
     * The revision that a tag names.
     *
     * @param tag as it was sent; null where none was
     * @throws RefusedException if it is none
     */
    public static int revision(String tag) {
        Matcher matcher = REVISION_TAG.matcher(tag == null ? "" : tag);
        if (!matcher.matches()) {
            throw new RefusedException(
                    HttpStatus.PRECONDITION_REQUIRED,
                    "If-Match is needed",
                    "Say with If-Match which saved state was changed, as \"3\".");
        }
        return Integer.parseInt(matcher.group(1));
    }
}
