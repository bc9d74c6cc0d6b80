package hitch.core.note;

import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import hitch.core.finding.Traits;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.pipe.Pipe;
import hitch.core.run.Run;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * One thing that was said.
 *
 * @param matter what it is about; a remark where no kind was named
 * @param place said distance from the opening, or stretch, as cable along the run; nearer end first
 * @param length how far it goes on, where no place was said
 * @param traits clock position, size, share, degree, pipe, depth, angle
 * @param certainty how sure the speaker is
 * @param wording the sentence, or the note as typed
 * @param remark the part that stays free text
 * @param start where the word that names it begins in the text, characters
 */
@RecordBuilder
public record Draft(
        Topic matter,
        Optional<Place> place,
        Optional<Distance> length,
        Traits traits,
        Certainty certainty,
        String wording,
        String remark,
        int start)
        implements DraftBuilder.With {
    /** What a note asks for that keeps the job within the firm. */
    public static final String DO_NOT_SHARE = "do not share";

    /** A said place as distances from the run's opening; both ends equal for a point. */
    public record Place(Distance from, Distance to) {
        public boolean isPoint() {
            return from.equals(to);
        }

        /** The stretch between two distances in any order. */
        public static Place between(Distance a, Distance b) {
            return a.compareTo(b) <= 0 ? new Place(a, b) : new Place(b, a);
        }
    }

    /** A note in which nothing was understood. */
    public static Draft remark(String note) {
        return new Draft(
                FindingKind.REMARK,
                Optional.empty(),
                Optional.empty(),
                Traits.NONE,
                Certainty.SEEN,
                note,
                note.strip(),
                0);
    }

    /** What kind of finding it makes; a remark for an act. */
    public FindingKind kind() {
        return matter instanceof FindingKind kind ? kind : FindingKind.REMARK;
    }

    /** With the free text that goes to it. */
    public Draft remarking(String rest) {
        return with(place, length, traits, rest);
    }

    /** This at another frame's words, with what {@code earlier} said of the same. */
    public Draft like(Draft earlier) {
        return DraftBuilder.builder(this)
                .matter(earlier.matter)
                .traits(filled(traits, earlier.traits))
                .certainty(earlier.certainty)
                .build();
    }

    /** With what was said later, where this left it open. */
    public Draft filled(Optional<Place> laterPlace, Optional<Distance> laterLength, Traits later) {
        Optional<Distance> far = length.or(() -> laterLength);
        Optional<Place> at = place.or(() -> laterPlace);
        boolean stretch = at.map(Place::isPoint).orElse(false) && far.isPresent();
        Optional<Place> spread = stretch ? at.map(p -> new Place(p.from(), p.to().plus(far.get()))) : at;
        return with(spread, spread.isPresent() ? Optional.empty() : far, filled(traits, later), remark);
    }

    /** With what was said later in place of what was said here. */
    public Draft corrected(Optional<Place> laterPlace, Traits later) {
        return with(laterPlace.or(() -> place), length, filled(later, traits), remark);
    }

    /** The same at a place; a length that was said makes it a stretch. */
    public Draft at(Optional<Place> other) {
        boolean stretch = other.map(Place::isPoint).orElse(false) && length.isPresent();
        Optional<Place> spread = stretch ? other.map(p -> new Place(p.from(), p.to().plus(length.get()))) : other;
        return DraftBuilder.builder(this)
                .place(spread)
                .length(stretch ? Optional.empty() : length)
                .build();
    }

    /** The same where a length that was said is of another thing. */
    public Draft withoutLength() {
        return DraftBuilder.builder(this).length(Optional.empty()).build();
    }

    /** The same with the words that it was said in. */
    public Draft saidAs(String words, int at) {
        return DraftBuilder.builder(this).wording(words).start(at).build();
    }

    /** The same as a thing that was looked for, or guessed, and is not there. */
    public Draft ruledOut() {
        return DraftBuilder.builder(this).certainty(Certainty.RULED_OUT).build();
    }

    /** The same as a thing that is there. */
    public Draft seen() {
        return DraftBuilder.builder(this).certainty(Certainty.SEEN).build();
    }

    /** The same on another side. */
    public Draft on(Optional<ClockPosition> clock) {
        return DraftBuilder.builder(this).traits(traits.withClock(clock)).build();
    }

    /** At another place, a stretch as long as it was. */
    public Draft movedTo(Distance from) {
        Place moved = new Place(
                from, place.map(p -> from.plus(p.to().minus(p.from()))).orElse(from));
        return with(Optional.of(moved), length, traits, remark);
    }

    private Draft with(Optional<Place> place, Optional<Distance> length, Traits traits, String remark) {
        return DraftBuilder.builder(this)
                .place(place)
                .length(length)
                .traits(traits)
                .remark(remark)
                .build();
    }

    private static Traits filled(Traits first, Traits second) {
        Optional<ClockPosition> clock = first.clock().or(second::clock);
        Pipe before = first.before().isUnknown() ? second.before() : first.before();
        Pipe after = first.after().isUnknown() ? second.after() : first.after();
        return new Traits(
                        clock,
                        first.size().or(second::size),
                        first.share().or(second::share),
                        first.degree().or(second::degree),
                        before,
                        after,
                        first.depth().or(second::depth),
                        first.angle().or(second::angle))
                .withGround(first.ground().isNone() ? second.ground() : first.ground())
                .withDetails(first.details().or(second.details()));
    }

    /**
     * The finding this draft makes at a frame.
     *
     * @param run the run of the frame's clip; without one a said place cannot stand and stays in the wording only
     */
    public Finding at(FindingId id, FrameRef frame, Optional<Run> run) {
        Optional<Extent> typed = place.flatMap(p -> run.map(r -> Extent.between(
                r.stationOf(p.from().mm() + r.atThePipe().mm()),
                r.stationOf(p.to().mm() + r.atThePipe().mm()))));
        return new Finding(id, kind(), frame, typed, traits, wording.strip(), remark, Optional.empty(), List.of())
                .withCertainty(certainty);
    }
}
