package app.impendium.server.casefile;

/**
 * What comes next of a case c, from :today on, as parts of a query. Each is asked of the database where it is named: for every
 * case where the list is sorted or narrowed by it, else for the few that are told.
 */
final class NextDay {
    static final String DAY = next("day");
    static final String KIND = next("kind");

    private NextDay() {}

    private static String next(String column) {
        return "(select d." + column + " from case_day d where d.case_id = c.id and d.day >= :today"
                + " order by d.day, d.kind limit 1)";
    }
}
