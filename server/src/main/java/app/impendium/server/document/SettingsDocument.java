package app.impendium.server.document;

/**
 * What a practice has chosen once for all its new cases.
 *
 * @param name what it is called, from 1 to 100 characters
 * @param market whose usual terms and conventions its new cases start from
 * @param timeZone where it works, as an IANA name such as America/Chicago: tells which day is today
 */
public record SettingsDocument(String name, Market market, String timeZone) {

    /** Spaces around a name are none of it. */
    public SettingsDocument {
        name = name == null ? null : name.strip();
    }
}
