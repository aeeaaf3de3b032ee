package app.impendium.server.problem;

import app.impendium.core.loan.Days;
import java.util.Arrays;
import java.util.stream.Collectors;

/** What is allowed where a value of a Java type is read, as a phrase for the user. */
final class Kinds {
    private Kinds() {}

    static String allowed(Class<?> type) {
        if (type.isEnum()) {
            return "one of "
                    + Arrays.stream(type.getEnumConstants())
                            .map(String::valueOf)
                            .collect(Collectors.joining(", "));
        }
        return switch (type.getSimpleName()) {
            case "Long", "Integer", "long", "int" -> "a whole number";
            case "BigDecimal" -> "a number of at most 40 digits";
            case "LocalDate" ->
                "a date from " + Days.EARLIEST.getYear() + " to " + Days.LATEST.getYear() + ", such as 2027-03-01";
            case "UUID" -> "an id such as 6f1c2a9e-0d4b-4f7a-9c53-1f0e8b7d2a64";
            case "String" -> "a text";
            case "List", "ArrayList" -> "a list";
            default -> "an object of the format";
        };
    }
}
