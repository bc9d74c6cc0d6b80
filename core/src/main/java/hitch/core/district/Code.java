package hitch.core.district;

import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A line of a district's codes: what stands for a kind of finding, of any size or of some.
 *
 * @param kind which kind
 * @param of what it is told by; empty where it stands for every finding of its kind
 * @param from the least size, inches, or share, percent; with it
 * @param to the size or share from which on it does not stand
 * @param code what stands for it
 * @param words what it is called there; blank for Hitch's own words
 */
public record Code(FindingKind kind, Optional<By> of, double from, double to, String code, String words) {
    /** What codes of one kind are told apart by. */
    public enum By {
        SIZE,
        SHARE
    }

    /** Whether it stands for a finding. */
    public boolean isFor(Finding finding) {
        if (finding.kind() != kind) {
            return false;
        }
        if (of.isEmpty()) {
            return true;
        }
        OptionalDouble value = value(finding, of.get());
        return value.isPresent() && value.getAsDouble() >= from && value.getAsDouble() < to;
    }

    static OptionalDouble value(Finding finding, By by) {
        return switch (by) {
            case SIZE ->
                finding.traits()
                        .size()
                        .map(d -> OptionalDouble.of(d.inInches()))
                        .orElse(OptionalDouble.empty());
            case SHARE ->
                finding.traits().share().map(s -> OptionalDouble.of(s)).orElse(OptionalDouble.empty());
        };
    }
}
