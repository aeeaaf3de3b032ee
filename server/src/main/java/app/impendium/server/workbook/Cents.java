package app.impendium.server.workbook;

import app.impendium.core.working.Rounding;

/**
 * Rounding as the core does it, in a spreadsheet's binary numbers: half a cent that was exact in decimals is exact again once what
 * lies beyond the tenth decimal is gone.
 */
final class Cents {
    private static final int SURE_DECIMALS = 10;

    private Cents() {}

    /** An amount as a rule rounds it. */
    static String rounded(String formula, Rounding rounding) {
        return rounding == Rounding.UP_TO_CENT
                ? "ROUNDUP(ROUND(" + formula + "," + SURE_DECIMALS + "),2)"
                : nearest(formula);
    }

    /** To the nearest cent, half a cent up. */
    static String nearest(String formula) {
        return "ROUND(ROUND(" + formula + "," + SURE_DECIMALS + "),2)";
    }

    /** A sum of whole cents, rid of what binary numbers add to it. */
    static String whole(String formula) {
        return "ROUND(" + formula + ",2)";
    }
}
