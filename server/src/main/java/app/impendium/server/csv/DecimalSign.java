package app.impendium.server.csv;

import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Which sign parts the decimals in the numbers of a table, as far as they tell: 250000.00 has a point, 1.250,5 a comma, and 1.250
 * may be either. A table that does not tell has none, and a number that may be either is then not read at all.
 */
enum DecimalSign {
    POINT,
    COMMA,
    UNKNOWN;

    /** Signs of currency and percent, and what parts thousands without being a decimal sign anywhere. */
    private static final Pattern BESIDE = Pattern.compile("[%$£€\\s\u00a0\u202f'’]");

    private static final String BARE = "[-−+]?\\d+";
    private static final Pattern WHOLE = Pattern.compile(BARE);
    /** A sign before other than three figures, or behind a zero alone, or behind groups parted by the other sign. */
    private static final Pattern HAS_POINT = having("\\.", ",");

    private static final Pattern HAS_COMMA = having(",", "\\.");
    private static final Pattern GROUPED_BY_COMMAS = Pattern.compile(BARE + "(,\\d{3}){2,}");
    private static final Pattern GROUPED_BY_POINTS = Pattern.compile(BARE + "(\\.\\d{3}){2,}");
    private static final Pattern EITHER = Pattern.compile("([-−+]?[1-9]\\d{0,2})[.,](\\d{3})");

    private static Pattern having(String sign, String other) {
        String decimals = "[-−+]?(\\d*" + sign + "(\\d{1,2}|\\d{4,})|0*" + sign + "\\d+|\\d{4,}" + sign + "\\d+)";
        String grouped = "[-−+]?\\d{1,3}(" + other + "\\d{3})+" + sign + "\\d+";
        return Pattern.compile(decimals + "|" + grouped);
    }

    /** The sign that cells agree on. */
    static DecimalSign of(Stream<String> cells) {
        boolean[] has = new boolean[2];
        cells.map(DecimalSign::bare).forEach(cell -> {
            has[0] |= HAS_POINT.matcher(cell).matches()
                    || GROUPED_BY_COMMAS.matcher(cell).matches();
            has[1] |= HAS_COMMA.matcher(cell).matches()
                    || GROUPED_BY_POINTS.matcher(cell).matches();
        });
        if (has[0] == has[1]) {
            return UNKNOWN;
        }
        return has[0] ? POINT : COMMA;
    }

    /**
     * A number with a point before its decimals and nothing between its thousands; nothing where it may be another, or is none.
     *
     * @param told the table's sign, asked for only where the number may be either
     */
    static Optional<String> plain(String given, Supplier<DecimalSign> told) {
        String cell = bare(given);
        if (WHOLE.matcher(cell).matches()) {
            return Optional.of(cell);
        }
        if (EITHER.matcher(cell).matches()) {
            return told.get().either(cell);
        }
        if (HAS_POINT.matcher(cell).matches() || GROUPED_BY_COMMAS.matcher(cell).matches()) {
            return Optional.of(cell.replace(",", ""));
        }
        if (HAS_COMMA.matcher(cell).matches() || GROUPED_BY_POINTS.matcher(cell).matches()) {
            return Optional.of(cell.replace(".", "").replace(',', '.'));
        }
        return Optional.empty();
    }

    private Optional<String> either(String cell) {
        return switch (this) {
            case POINT -> Optional.of(cell.replace(",", ""));
            case COMMA -> Optional.of(cell.replace(".", "").replace(',', '.'));
            case UNKNOWN -> Optional.empty();
        };
    }

    private static String bare(String given) {
        return BESIDE.matcher(given).replaceAll("");
    }
}
