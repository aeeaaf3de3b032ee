package app.impendium.server.practice;

import app.impendium.server.account.PersonFields;
import app.impendium.server.document.Market;
import app.impendium.server.document.SettingsDocument;
import app.impendium.server.problem.RefusedException;
import java.time.ZoneId;

/** Reads what is chosen of a practice. */
final class PracticeFields {
    private PracticeFields() {}

    /** @throws RefusedException if it has no name, none that fits in a line, no market, or no time zone */
    static void check(SettingsDocument settings) {
        PersonFields.line("/name", settings.name(), "Type what your practice is called.");
        market(settings.market());
        zone(settings.timeZone());
    }

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
