package app.impendium.server.handout.content;

import java.util.List;

/**
 * A table. Its first column names the rows.
 *
 * @param caption what it tells
 * @param head what its columns are
 * @param rows each with a text for every column
 */
public record TableBlock(String caption, List<ColumnContent> head, List<RowContent> rows) implements Block {
    static final String KIND = "TABLE";

    /**
     * A column.
     *
     * @param isFigures whether it holds figures, which stand right, one above the other
     */
    public record ColumnContent(String words, boolean isFigures) {}

    /**
     * A row.
     *
     * @param isTotal whether it adds up those above
     */
    public record RowContent(List<String> cells, boolean isTotal) {}

    /** A row that adds nothing up. */
    public static RowContent row(List<String> cells) {
        return new RowContent(cells, false);
    }
}
