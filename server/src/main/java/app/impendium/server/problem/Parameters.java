package app.impendium.server.problem;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import java.util.List;
import java.util.function.Supplier;

/** Reads the parameters of an address where the computation says what they may be. */
public final class Parameters {
    private Parameters() {}

    /** A parameter that the computation refused. */
    static final class ParameterException extends RuntimeException {
        private final transient List<Finding> findings;

        private ParameterException(CaseException refusal) {
            super(refusal.getMessage());
            this.findings = refusal.findings();
        }

        List<Finding> findings() {
            return findings;
        }
    }

    /** What {@code read} makes of one parameter. */
    public static <T> T checked(String parameter, Supplier<T> read) {
        try {
            return read.get();
        } catch (CaseException refusal) {
            throw new ParameterException(refusal.at(parameter));
        }
    }

    /** What {@code read} makes of parameters; where it refuses, its fields are names of parameters. */
    public static <T> T checked(Supplier<T> read) {
        try {
            return read.get();
        } catch (CaseException refusal) {
            throw new ParameterException(refusal);
        }
    }
}
