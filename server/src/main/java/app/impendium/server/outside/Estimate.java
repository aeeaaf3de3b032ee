package app.impendium.server.outside;

/**
 * A figure as someone outside estimates it, in whole cents of the market's currency.
 *
 * @param cents the likely one
 * @param lowCents the lower end of its range, at most the likely one
 * @param highCents the upper end of its range, at least the likely one
 * @param about what it rests on, in a few words, at most 120 characters
 */
public record Estimate(Source source, long cents, long lowCents, long highCents, String about) {
    private static final int MOST_CHARACTERS = 120;
    private static final long MOST_CENTS = 99_999_999_999L;

    /**
     * @throws OutsideException if the figures are no estimate: what comes from outside is not believed
     */
    public Estimate {
        boolean isOrdered = 0 <= lowCents && lowCents <= cents && cents <= highCents && highCents <= MOST_CENTS;
        if (!isOrdered || about == null || about.isBlank() || about.length() > MOST_CHARACTERS) {
            throw new OutsideException("an estimate of " + lowCents + ", " + cents + " and " + highCents);
        }
    }

    /**
     * Who estimates.
     *
     * @param name as an advisor knows them, from 1 to 60 characters
     * @param isSimulated whether a stand-in makes the figures up
     */
    public record Source(String name, boolean isSimulated) {}
}
