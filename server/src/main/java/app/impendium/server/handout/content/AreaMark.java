package app.impendium.server.handout.content;

/** A filled SVG path. */
public record AreaMark(String path, String fill) implements Mark {
    static final String MARK = "area";
}
