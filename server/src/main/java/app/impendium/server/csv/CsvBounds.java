package app.impendium.server.csv;

import app.impendium.server.problem.RefusedException;

/**
 * Refuses a text whose cells or lines are larger than any list has use for, in one pass and before anything is made of it: a line
 * of eight million commas would be as many cells.
 */
final class CsvBounds {
    static final int MOST_COLUMNS = 100;
    static final int MOST_CHARACTERS = 2_000;

    private final char separator;
    private boolean isQuoted;
    private int line = 1;
    private int columns = 1;
    private int characters;

    private CsvBounds(char separator) {
        this.separator = separator;
    }

    /** @throws RefusedException if a line has too many columns, or a cell too many characters */
    static void check(String text, char separator) {
        CsvBounds bounds = new CsvBounds(separator);
        for (int at = 0; at < text.length(); at++) {
            bounds.take(text.charAt(at));
        }
    }

    private void take(char sign) {
        if (sign == '"') {
            isQuoted = !isQuoted;
        }
        if (!isQuoted && sign == '\n') {
            line++;
            columns = 1;
            characters = 0;
        } else if (!isQuoted && sign == separator) {
            columns++;
            characters = 0;
        } else {
            characters++;
        }
        if (columns > MOST_COLUMNS) {
            throw tooMuch("columns", MOST_COLUMNS);
        }
        if (characters > MOST_CHARACTERS) {
            throw tooMuch("characters in a cell", MOST_CHARACTERS);
        }
    }

    private RefusedException tooMuch(String what, int most) {
        return RefusedException.atField(
                "/lines/" + line,
                "more than " + most + " " + what,
                "at most " + most,
                "Line " + line + " has more than " + most + " " + what + ".");
    }
}
