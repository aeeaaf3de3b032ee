package app.impendium.server.handout.content;

/** A filled rectangle. */
public record BarMark(double x, double y, double width, double height, String fill) implements Mark {
    static final String MARK = "bar";
}
