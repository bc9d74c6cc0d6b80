package hitch.core.judge.matter;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.measure.Extent;
import hitch.core.pipe.Branch;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Findings that ask for the same thing.
 *
 * @param theme what they ask for
 * @param name what a person called it; blank for what the rules call it
 * @param branch the pipe they lie in
 * @param extent from the first of them to the last; empty where none has a station
 * @param owners whether it is the owner's to see to; true where whose pipe it is is not known
 * @param findings in order of station; empty for what concerns the pipe itself
 * @param effects what they bring about, which is settled with them
 * @param weight how much it asks for: as much as the heaviest of its findings and effects
 * @param because why, where no finding tells
 */
public record Matter(
        Theme theme,
        String name,
        String branch,
        Optional<Extent> extent,
        boolean owners,
        List<LocatedFinding> findings,
        List<LocatedFinding> effects,
        Weight weight,
        String because) {
    public Matter {
        findings = List.copyOf(findings);
        effects = List.copyOf(effects);
    }

    /** A matter of the pipe itself, which no finding stands for. */
    public static Matter ofThePipe(Theme theme, String branch, Optional<Extent> extent, Weight weight, String because) {
        return new Matter(theme, "", branch, extent, true, List.of(), List.of(), weight, because);
    }

    /** A matter of the line as a whole. */
    public static Matter ofTheLine(Theme theme, Weight weight, String because) {
        return ofThePipe(theme, Branch.LINE, Optional.empty(), weight, because);
    }

    /** Its findings and what they bring about. */
    public List<LocatedFinding> all() {
        return Stream.concat(findings.stream(), effects.stream()).toList();
    }

    public Set<FindingId> ids() {
        Set<FindingId> ids = new LinkedHashSet<>();
        all().forEach(f -> ids.addAll(f.ids()));
        return ids;
    }

    /** The heaviest of its findings; the first of several. */
    public Optional<LocatedFinding> worst() {
        return findings.stream().min(Comparator.comparing(LocatedFinding::weight, Comparator.reverseOrder()));
    }

    /** Whether it is taken for what it is called: at least one of its findings is. */
    public boolean isSure() {
        return findings.isEmpty()
                || findings.stream().anyMatch(f -> f.finding().certainty().isTaken());
    }

    /** How sure the surest of its findings is. */
    public Certainty certainty() {
        return findings.stream()
                .map(f -> f.finding().certainty())
                .min(Comparator.naturalOrder())
                .orElse(Certainty.SEEN);
    }

    /** A short name: what a person called it, or its findings counted. */
    public String title() {
        if (!name.isEmpty()) {
            return name;
        }
        if (findings.size() > 1) {
            return Number.title(findings.size()) + " " + theme.several();
        }
        return findings.isEmpty()
                ? theme.title()
                : findings.getFirst()
                        .finding()
                        .certainty()
                        .say(
                                theme == Theme.HIDDEN
                                        ? theme.title()
                                        : findings.getFirst().finding().kind().title());
    }

    public Matter weighing(Weight other) {
        return new Matter(theme, name, branch, extent, owners, findings, effects, other, because);
    }
}
