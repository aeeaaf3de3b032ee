package app.impendium.core.finding;

import java.util.List;
import java.util.stream.Collectors;

/** A case that has no answer: the only exception the computation throws for what a user entered. */
public final class CaseException extends RuntimeException {
    private final transient List<Finding> findings;

    /** @param findings everything found wrong, at least one */
    public CaseException(List<Finding> findings) {
        super(findings.stream().map(Finding::toString).collect(Collectors.joining("; ")));
        this.findings = List.copyOf(findings);
    }

    /** One finding; its values in the order that the code says. */
    public static CaseException of(String path, Code code, Value... values) {
        return new CaseException(List.of(Finding.of(path, code, values)));
    }

    /** The same refusal at another path, where a general type reports what a particular field was given. */
    public CaseException at(String path) {
        return new CaseException(
                findings.stream().map(finding -> finding.at(path)).toList());
    }

    /** The same refusal seen from one level further out. */
    public CaseException within(String outer) {
        return new CaseException(
                findings.stream().map(finding -> finding.within(outer)).toList());
    }

    public List<Finding> findings() {
        return findings;
    }
}
