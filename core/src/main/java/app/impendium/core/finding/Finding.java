package app.impendium.core.finding;

import java.util.List;
import java.util.stream.Collectors;

/**
 * One thing wrong with a case.
 *
 * @param path where, as a path in the case document: {@code options[0].terms.ratePercent}; see {@link Field}
 * @param code what is wrong
 * @param values in the order that the code says
 */
public record Finding(String path, Code code, List<Value> values) {

    public Finding {
        values = List.copyOf(values);
    }

    public static Finding of(String path, Code code, Value... values) {
        return new Finding(path, code, List.of(values));
    }

    /** The same finding seen from one level further out: {@code terms.ratePercent} within {@code options[0]}. */
    public Finding within(String outer) {
        return new Finding(path.isEmpty() ? outer : outer + "." + path, code, values);
    }

    /** The same finding at another path, where a general type reports what a particular field was given. */
    public Finding at(String otherPath) {
        return new Finding(otherPath, code, values);
    }

    /** For logs and tests: the path, the code and its values. */
    @Override
    public String toString() {
        String listed = values.stream().map(Value::toString).collect(Collectors.joining(", "));
        return (path + ": " + code + " " + listed).strip();
    }
}
