package hitch.core.note.grammar;

import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.Degree;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import hitch.core.finding.Traits;
import hitch.core.measure.Distance;
import hitch.core.note.Act;
import hitch.core.pipe.Pipe;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;

/** A draft in the making: something the sentence speaks of, gathering what is said of it. */
final class Candidate {
    private final Topic matter;
    private final int at;
    private Certainty certainty = Certainty.SEEN;
    private Meaning.Place place;
    private boolean here;
    private Distance length;
    private ClockPosition clock;
    private Distance size;
    private Integer share;
    private Degree degree;
    private Pipe before = Pipe.UNKNOWN;
    private Pipe after = Pipe.UNKNOWN;
    private Distance depth;
    private Integer angle;
    private final Set<Phrase> used = new LinkedHashSet<>();

    /** @param at the part that names it */
    Candidate(Topic matter, int at) {
        this.matter = matter;
        this.at = at;
    }

    /** The same thing at another place. */
    Candidate copy() {
        Candidate copy = new Candidate(matter, at);
        copy.certainty = certainty;
        copy.length = length;
        copy.clock = clock;
        copy.size = size;
        copy.share = share;
        copy.degree = degree;
        copy.before = before;
        copy.after = after;
        copy.depth = depth;
        copy.angle = angle;
        copy.used.addAll(used);
        return copy;
    }

    /** Takes what {@code part} says where it fits this and nothing of the sort was said yet. */
    boolean take(Phrase part) {
        boolean fits = fits(part.meaning());
        if (fits) {
            used.add(part);
            switch (part.meaning()) {
                case Meaning.Round m -> clock = m.clock();
                case Meaning.Size m -> size = m.size();
                case Meaning.Share m -> share = m.percent();
                case Meaning.Much m -> degree = m.degree();
                case Meaning.Deep m -> depth = m.depth();
                case Meaning.Angle m -> angle = m.degrees();
                case Meaning.Length m -> length = m.length();
                case Meaning.Pipe m -> after = m.part();
                default -> throw new IllegalArgumentException("no trait: " + part);
            }
        }
        return fits;
    }

    boolean fits(Meaning meaning) {
        boolean told = matter instanceof FindingKind k && k.family() == FindingKind.Family.TOLD;
        return switch (meaning) {
            case Meaning.Round m -> clock == null && isFinding() && !told;
            case Meaning.Size m -> size == null && isFinding() && !told && !isChange();
            case Meaning.Share m -> share == null && isFinding() && !told && !isChange();
            case Meaning.Much m -> degree == null && isFinding() && !told && !isChange();
            case Meaning.Deep m -> depth == null && is(FindingKind.LOCATE);
            case Meaning.Angle m -> angle == null && (is(FindingKind.BEND) || is(FindingKind.TIE_IN));
            case Meaning.Length m -> length == null && !is(FindingKind.LOCATE);
            case Meaning.Pipe m -> after.isUnknown();
            default -> false;
        };
    }

    boolean is(FindingKind kind) {
        return matter == kind;
    }

    boolean isFinding() {
        return matter instanceof FindingKind;
    }

    boolean isCondition() {
        return matter instanceof FindingKind k
                && (k.family() == FindingKind.Family.CONDITION || k.family() == FindingKind.Family.WATER);
    }

    private boolean isChange() {
        return is(FindingKind.MATERIAL_CHANGE) || is(FindingKind.SIZE_CHANGE);
    }

    Candidate between(Pipe before, Pipe after) {
        this.before = before;
        this.after = after;
        return this;
    }

    /** Adds a bore to the far side of a change of material that has none yet. */
    boolean addSize(Pipe size) {
        boolean open = after.wall().isPresent()
                && after.size().isEmpty()
                && size.size().isPresent();
        if (open) {
            after = after.withSize(size.size());
        }
        return open;
    }

    Candidate sure(Certainty certainty) {
        this.certainty = certainty;
        return this;
    }

    Topic matter() {
        return matter;
    }

    int at() {
        return at;
    }

    Certainty certainty() {
        return certainty;
    }

    boolean isPlaced() {
        return place != null || here;
    }

    Optional<Meaning.Place> place() {
        return Optional.ofNullable(place);
    }

    void setPlace(Phrase part) {
        if (matter == Act.ZERO && ((Meaning.Place) part.meaning()).to().mm() == 0) {
            return;
        }
        used.add(part);
        place = (Meaning.Place) part.meaning();
    }

    /** The parts whose meaning it took. */
    Set<Phrase> used() {
        return used;
    }

    void setHere() {
        here = true;
    }

    Optional<Distance> length() {
        return Optional.ofNullable(length);
    }

    Traits traits() {
        return new Traits(
                Optional.ofNullable(clock),
                Optional.ofNullable(size),
                Optional.ofNullable(share),
                Optional.ofNullable(degree),
                before,
                after,
                Optional.ofNullable(depth),
                Optional.ofNullable(angle));
    }
}
