package app.impendium.server.problem;

import app.impendium.core.finding.Shortened;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.converter.HttpMessageNotReadableException;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Which field of a JSON body could not be read, and why. */
final class UnreadableBody {

    private UnreadableBody() {}

    /** The field at fault, where it is one; nothing where the body as a whole is not JSON. */
    static Optional<FieldProblem> fieldProblem(HttpMessageNotReadableException exception) {
        if (!(exception.getCause() instanceof JacksonException cause)
                || cause.getPath().isEmpty()
                || isSyntax(cause)) {
            return Optional.empty();
        }
        if (cause instanceof InvalidTypeIdException unknown) {
            return Optional.of(kind(unknown));
        }
        String given = given(cause);
        String allowed = allowed(cause);
        return Optional.of(FieldProblem.unread(
                pointer(cause), given, allowed, given + " is not allowed here, only " + allowed + "."));
    }

    /** An object whose kind is none of those that the format tells apart. */
    private static FieldProblem kind(InvalidTypeIdException unknown) {
        Class<?> base = unknown.getBaseType().getRawClass();
        String member = base.getAnnotation(JsonTypeInfo.class).property();
        String given = unknown.getTypeId() == null ? "nothing" : Shortened.echo(unknown.getTypeId());
        String allowed = "one of "
                + Arrays.stream(base.getAnnotation(JsonSubTypes.class).value())
                        .map(JsonSubTypes.Type::name)
                        .collect(Collectors.joining(", "));
        return FieldProblem.unread(
                pointer(unknown) + "/" + member, given, allowed, given + " is not allowed here, only " + allowed + ".");
    }

    private static boolean isSyntax(JacksonException cause) {
        return cause instanceof StreamReadException;
    }

    private static String pointer(JacksonException cause) {
        return cause.getPath().stream()
                .map(step -> step.getPropertyName() == null
                        ? String.valueOf(step.getIndex())
                        : escape(Shortened.echo(step.getPropertyName())))
                .collect(Collectors.joining("/", "/", ""));
    }

    private static String escape(String name) {
        return name.replace("~", "~0").replace("/", "~1");
    }

    private static String given(JacksonException cause) {
        if (cause instanceof UnrecognizedPropertyException unknown) {
            return "the field " + Shortened.echo(unknown.getPropertyName());
        }
        return cause instanceof InvalidFormatException format
                ? Shortened.echo(String.valueOf(format.getValue()))
                : "this value";
    }

    private static String allowed(JacksonException cause) {
        if (cause instanceof UnrecognizedPropertyException) {
            return "the fields of the format";
        }
        Class<?> target = cause instanceof MismatchedInputException mismatch ? mismatch.getTargetType() : null;
        if (target == null) {
            return "a value of another kind";
        }
        return Kinds.allowed(target);
    }
}
