package app.impendium.server.handout.content;

import java.util.List;

/** Figures one below the other, each with what it is. */
public record FactsBlock(List<FactContent> facts) implements Block {
    static final String KIND = "FACTS";

    /**
     * A figure.
     *
     * @param label what it is
     * @param value the figure, written out
     * @param note what is said beside it; empty for nothing
     */
    public record FactContent(String label, String value, String note) {}
}
