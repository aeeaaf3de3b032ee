package app.impendium.server.opendata;

/** What stands between the values of a line. */
enum Separator {
    COMMA(','),
    SEMICOLON(';'),
    TAB('\t');

    private final char sign;

    Separator(char sign) {
        this.sign = sign;
    }

    char sign() {
        return sign;
    }
}
