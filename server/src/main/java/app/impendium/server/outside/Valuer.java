package app.impendium.server.outside;

/** Whoever estimates what homes are worth. The same for the same question. */
public interface Valuer {

    /**
     * What a home is worth by its area, dwelling and size.
     *
     * @throws OutsideException if there is no answer
     */
    Estimate value(AskedHome home);
}
