package app.impendium.server.handout.content;

import java.util.List;

/**
 * A chart. What it shows is told in figures too, in a table or in its description.
 *
 * @param caption what it shows
 * @param description the same in words, for those who do not see it
 * @param width in pixels
 * @param height in pixels
 */
public record ChartBlock(String caption, String description, int width, int height, List<Mark> marks) implements Block {
    static final String KIND = "CHART";
}
