package app.impendium.core.finding;

import java.util.List;
import java.util.stream.Collectors;

/** A case that has no answer: the only exception the computation throws for what a user entered. */
public final class CaseException extends RuntimeException {
    private final transient List<Finding> findings;

    /** @param findings everything found wrong, at least one */
    public CaseException(List<Finding> findings) {
        super(findings.stream().map(Finding::message).collect(Collectors.joining(" ")));
        this.findings = List.copyOf(findings);
    }

    /** One finding whose sentence follows from what was given and what is allowed. */
    public static CaseException of(String field, String given, String allowed) {
        return of(field, given, allowed, given + " is not allowed here, only " + allowed + ".");
    }

    /** One finding with a sentence of its own. */
    public static CaseException of(String field, String given, String allowed, String message) {
        return new CaseException(List.of(new Finding(field, given, allowed, message)));
    }

    /** The same refusal at another field, where a general type reports what a particular field was given. */
    public CaseException at(String field) {
        return new CaseException(
                findings.stream().map(finding -> finding.at(field)).toList());
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
