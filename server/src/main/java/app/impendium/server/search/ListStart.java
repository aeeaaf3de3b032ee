package app.impendium.server.search;

import app.impendium.server.problem.RefusedException;
import org.springframework.http.HttpStatus;

/** Where a part of a list begins. */
public final class ListStart {
    private ListStart() {}

    /**
     * @param from how many are left out before
     * @throws RefusedException if it is less than 0
     */
    public static void check(int from) {
        if (from < 0) {
            throw new RefusedException(
                    HttpStatus.BAD_REQUEST, "No such part", "from counts from 0, but was " + from + ".");
        }
    }
}
