package app.impendium.server.account;

/** What somebody may do in their practice. */
public enum Role {
    /** Decides for the practice: its people, limits, rates, programmes and templates; and works on cases. */
    OWNER("owner"),
    /** Works on cases. */
    ADVISOR("advisor");

    private final String word;

    Role(String word) {
        this.word = word;
    }

    /** What it is called in a sentence. */
    public String word() {
        return word;
    }
}
