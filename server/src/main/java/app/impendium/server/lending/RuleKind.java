package app.impendium.server.lending;

/** The kinds of rules that a practice keeps. */
enum RuleKind {
    LIMIT_SET("limit set"),
    PROGRAMME("programme");

    private final String noun;

    RuleKind(String noun) {
        this.noun = noun;
    }

    /** What one is called in a sentence. */
    String noun() {
        return noun;
    }
}
