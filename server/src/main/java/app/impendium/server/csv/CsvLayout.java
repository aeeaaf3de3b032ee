package app.impendium.server.csv;

import java.util.List;

/**
 * What a list can hold.
 *
 * @param known its columns, in words
 * @param columns the same, one by one
 * @param mostLines besides the one that names the columns, empty ones not counted
 */
public record CsvLayout(String known, List<Column> columns, int mostLines) {}
