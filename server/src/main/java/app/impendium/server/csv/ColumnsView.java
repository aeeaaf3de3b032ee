package app.impendium.server.csv;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * How the columns of a table were told apart.
 *
 * @param found the headings of the table, in its order
 * @param wanted the columns that can be read
 */
public record ColumnsView(List<String> found, List<WantedColumnView> wanted) {

    /**
     * A column that can be read.
     *
     * @param isNeeded whether there is nothing to read without it
     * @param heading of the column that it was read from; absent for none
     */
    public record WantedColumnView(
            String name,
            boolean isNeeded,
            @Schema(nullable = true) String heading) {}
}
