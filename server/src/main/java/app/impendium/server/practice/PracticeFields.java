package app.impendium.server.practice;

import app.impendium.server.document.Market;
import app.impendium.server.problem.RefusedException;
import java.time.ZoneId;

/** Reads what is chosen of a practice. */
final class PracticeFields {
    private PracticeFields() {}

    /** @throws RefusedException if none is chosen */
    static Market market(Market given) {
        if (given == null) {
            throw RefusedException.atField("/market", "nothing", "a market", "Choose a market.");
        }
        return given;
    }

    /** @throws RefusedException if there is no such time zone */
    static ZoneId zone(String given) {
        if (given != null && ZoneId.getAvailableZoneIds().contains(given)) {
            return ZoneId.of(given);
        }
        throw RefusedException.atField(
                "/timeZone",
                String.valueOf(given),
                "a time zone such as America/Chicago",
                "There is no such time zone: choose one such as America/Chicago.");
    }
}
