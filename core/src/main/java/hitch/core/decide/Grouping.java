package hitch.core.decide;

import hitch.core.finding.FindingId;
import java.util.Set;

/**
 * Findings that a person said are one matter.
 *
 * @param findings at least one
 * @param name what it is called; blank for what the rules call it
 */
public record Grouping(Set<FindingId> findings, String name) {
    public Grouping {
        findings = Set.copyOf(findings);
        name = name == null ? "" : name.strip();
        if (findings.isEmpty()) {
            throw new IllegalArgumentException("a matter has at least one finding");
        }
    }
}
