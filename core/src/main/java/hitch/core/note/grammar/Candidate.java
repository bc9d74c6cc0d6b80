package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.finding.Asked;
import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import hitch.core.finding.Traits;
import hitch.core.line.GroundMark;
import hitch.core.measure.Distance;
import hitch.core.note.Act;
import hitch.core.pipe.Pipe;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
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
    private Gathered is = new Gathered();
    private final List<Told> told = new ArrayList<>();
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
        copy.is = is.copy();
        copy.used.addAll(used);
        return copy;
    }

    /** Takes what {@code part} says where it fits this and nothing of the sort was said yet. */
    boolean take(Phrase part) {
        boolean fits = fits(part.meaning());
        if (fits) {
            used.add(part);
            switch (part.meaning()) {
                case Meaning.Round m -> is.clock = m.clock();
                case Meaning.Size m -> is.size = m.size();
                case Meaning.Share m -> is.share = m.percent();
                case Meaning.Much m -> is.degree = m.degree();
                case Meaning.Deep m -> is.depth = m.depth();
                case Meaning.Angle m -> is.angle = m.degrees();
                case Meaning.Length m -> {
                    // A drop goes down, not on.
                    if (is(FindingKind.DROP)) {
                        is.size = m.length();
                    } else {
                        length = m.length();
                    }
                }
                case Meaning.Pipe m -> is.after = m.part();
                default -> throw new IllegalArgumentException("no trait: " + part);
            }
        }
        return fits;
    }

    boolean fits(Meaning meaning) {
        boolean told = matter instanceof FindingKind k && k.family() == FindingKind.Family.TOLD;
        return switch (meaning) {
            case Meaning.Round m ->
                (is.clock == null
                                || isSide(is.clock)
                                        && m.clock().from() != m.clock().to())
                        && isFinding()
                        && !told
                        && !is(FindingKind.PART_SEEN);
            case Meaning.Size m ->
                is.size == null
                        && isFinding()
                        && !is(FindingKind.PART_SEEN)
                        && (!told || is(FindingKind.EQUIPMENT))
                        && !isChange();
            case Meaning.Share m -> is.share == null && isFinding() && !told && !isChange();
            case Meaning.Much m -> is.degree == null && isFinding() && !told && !isChange();
            case Meaning.Deep m -> is.depth == null && is(FindingKind.LOCATE);
            case Meaning.Angle m -> is.angle == null && (is(FindingKind.BEND) || is(FindingKind.TIE_IN));
            case Meaning.Length m -> length == null && !is(FindingKind.LOCATE);
            case Meaning.Pipe m -> is.after.isUnknown();
            default -> false;
        };
    }

    /** Whether a detail can be said of it and was not yet. */
    boolean asks(Detail<?> detail) {
        return matter instanceof FindingKind kind && Asked.of(kind).contains(detail) && !is.details.has(detail);
    }

    /** Says a detail of it, unless that was said already. */
    <T> Candidate say(Detail<T> detail, T value) {
        if (!is.details.has(detail)) {
            is.details = is.details.with(detail, value);
        }
        return this;
    }

    /** Says a detail by the text of its value. */
    Candidate sayText(Detail<?> detail, String value) {
        return read(detail, value);
    }

    private <T> Candidate read(Detail<T> detail, String value) {
        return detail.read(value).map(v -> say(detail, v)).orElse(this);
    }

    Details details() {
        return is.details;
    }

    /** Takes what is said of another that is the same thing, where this leaves it open. */
    void join(Candidate same) {
        is.fill(same.is);
        used.addAll(same.used);
        told.addAll(same.told);
    }

    /** Goes on to where the same thing was met again. */
    void spreadTo(Candidate later) {
        boolean on = place.from().compareTo(later.place.to()) <= 0;
        place = on
                ? new Meaning.Place(place.from(), later.place.to())
                : new Meaning.Place(later.place.from(), place.to());
        join(later);
    }

    /** Shares a is.clock position with what it goes with. */
    void shareClock(Candidate other) {
        is.clock = is.clock == null ? other.is.clock : is.clock;
    }

    /** Gives its is.clock position over to what it goes with. */
    void giveClock(Candidate other) {
        other.is.clock = is.clock;
        is.clock = null;
    }

    boolean hasClock() {
        return is.clock != null;
    }

    /** Says of what pipe it is, where that is still open. */
    void of(Pipe pipe) {
        is.after = is.after.isUnknown() ? pipe : is.after;
    }

    /** Says how far it turns, degrees. */
    void turning(int degrees) {
        is.angle = degrees;
    }

    /** Says that it takes all of the bore. */
    Optional<Distance> size() {
        return Optional.ofNullable(is.size);
    }

    void full() {
        is.share = 100;
    }

    /** Says what stands above it. */
    void above(GroundMark mark) {
        is.ground = mark;
    }

    /** Says which part of the wall was hidden. */
    void hidden(ClockPosition part) {
        is.clock = part;
    }

    /** The words that a detail was told by. */
    record Told(Detail<?> detail, int first, int last) {}

    /** Remembers by which parts a detail was told, so that they show as understood. */
    Candidate understanding(Detail<?> detail, int first, int last) {
        told.add(new Told(detail, first, last));
        return this;
    }

    List<Told> told() {
        return told;
    }

    /** One of the four sides, which hours tell more exactly. */
    private static boolean isSide(ClockPosition told) {
        return told.from() == told.to() && told.from() % 3 == 0 && !told.all() && !told.both();
    }

    boolean is(FindingKind kind) {
        return matter == kind;
    }

    /** Whether it is something there is; a promise is something to be done. */
    boolean isFinding() {
        return matter instanceof FindingKind && !is(FindingKind.PROMISE);
    }

    boolean isCondition() {
        return matter instanceof FindingKind k
                && (k.family() == FindingKind.Family.CONDITION || k.family() == FindingKind.Family.WATER);
    }

    private boolean isChange() {
        return is(FindingKind.MATERIAL_CHANGE) || is(FindingKind.SIZE_CHANGE);
    }

    Candidate between(Pipe near, Pipe far) {
        is.before = near;
        is.after = far;
        return this;
    }

    /** Adds a bore to the far side of a change of material that has none yet. */
    boolean addSize(Pipe bore) {
        boolean open = is.after.wall().isPresent()
                && is.after.size().isEmpty()
                && bore.size().isPresent();
        if (open) {
            is.after = is.after.withSize(bore.size());
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
        return is.traits();
    }
}
