package app.impendium.server.practicedata;

/** What a practice keeps for its cases. */
public enum ItemKind {
    LIMIT_SET("limit set", 50),
    PROGRAMME("programme", 50),
    RATE_TABLE("rate table", 50),
    HAND_OUT_TEMPLATE("template", 20),
    LETTERHEAD("letterhead", 1),
    /** What a practice is called, and where it works. */
    SETTINGS("practice", 1);

    private final String noun;
    private final int most;

    ItemKind(String noun, int most) {
        this.noun = noun;
        this.most = most;
    }

    /** What one is called in a sentence. */
    public String noun() {
        return noun;
    }

    /** How many of it a practice keeps at the most, those that are deleted not counted. */
    int most() {
        return most;
    }
}
