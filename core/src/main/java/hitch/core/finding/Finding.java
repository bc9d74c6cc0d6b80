package hitch.core.finding;

import hitch.core.detail.Details;
import hitch.core.footage.Drawn;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Extent;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * What is in the pipe at a place.
 *
 * @param id name within the job
 * @param kind what it is
 * @param frame the frame it was marked at, and its still
 * @param typed its place on the line where the note named one; else the counter trace gives it
 * @param traits what the note says of it
 * @param wording the note as typed
 * @param remark the part of the note that stays free text
 * @param weightSet a weight chosen by hand; else the house rules give it
 * @param history earlier wordings, oldest first
 * @param sightings the other moments it is seen at, in the order they were told
 * @param apart findings that look like this one and were said to be others
 * @param certainty how sure it is
 * @param sizes what was measured of it on pictures, in the order it was measured
 * @param drawing what was drawn on its still
 */
@RecordBuilder
public record Finding(
        FindingId id,
        FindingKind kind,
        FrameRef frame,
        Optional<Extent> typed,
        Traits traits,
        String wording,
        String remark,
        Optional<Weight> weightSet,
        List<Amendment> history,
        List<Sighting> sightings,
        Set<FindingId> apart,
        Certainty certainty,
        List<PictureSize> sizes,
        Optional<StillDrawing> drawing)
        implements FindingBuilder.With {
    public Finding {
        history = List.copyOf(history);
        sightings = sightings == null ? List.of() : List.copyOf(sightings);
        apart = apart == null ? Set.of() : Set.copyOf(apart);
        certainty = certainty == null ? Certainty.SEEN : certainty;
        sizes = sizes == null ? List.of() : List.copyOf(sizes);
        drawing = drawing == null ? Optional.empty() : drawing;
    }

    /** A finding seen once. */
    public Finding(
            FindingId id,
            FindingKind kind,
            FrameRef frame,
            Optional<Extent> typed,
            Traits traits,
            String wording,
            String remark,
            Optional<Weight> weightSet,
            List<Amendment> history) {
        this(
                id,
                kind,
                frame,
                typed,
                traits,
                wording,
                remark,
                weightSet,
                history,
                List.of(),
                Set.of(),
                Certainty.SEEN,
                List.of(),
                Optional.empty());
    }

    /** The same finding, seen once more. */
    public Finding seenAgain(List<Sighting> more) {
        List<Sighting> longer = new ArrayList<>(sightings);
        more.stream().filter(s -> !longer.contains(s)).forEach(longer::add);
        return withSightings(longer);
    }

    /** The same finding, told apart from one that looks like it. */
    public Finding apartFrom(FindingId other) {
        Set<FindingId> more = new LinkedHashSet<>(apart);
        more.add(other);
        return withApart(more);
    }

    /** Another of the same, in the same words, at another frame: not measured, and nothing of its history. */
    public Finding sameAt(FindingId other, FrameRef at) {
        Traits alike = told().isPresent() ? traits.withSize(Optional.empty()).withShare(Optional.empty()) : traits;
        return new Finding(other, kind, at, Optional.empty(), alike, wording, remark, weightSet, List.of())
                .withCertainty(certainty);
    }

    /** The same finding without a typed station: the counter trace gives it. */
    public Finding untyped() {
        return withTyped(Optional.empty());
    }

    /** The same finding at a typed place. */
    public Finding typedAt(Extent place) {
        return withTyped(Optional.of(place));
    }

    /** The same finding with other traits. */
    public Finding saying(Traits other) {
        return withTraits(other);
    }

    /** The same finding marked at another frame. */
    public Finding movedTo(FrameRef other) {
        return withFrame(other);
    }

    /** The same finding as seen at {@code other} and in {@code seen}, and nowhere else; without its history. */
    public Finding seenOnly(FrameRef other, List<Sighting> seen) {
        return FindingBuilder.builder(this)
                .frame(other)
                .history(List.of())
                .sightings(seen)
                .build();
    }

    /** The same finding in other words of the same meaning; without its history. */
    public Finding worded(UnaryOperator<String> how) {
        List<Sighting> said = sightings.stream()
                .map(s -> new Sighting(s.frame(), how.apply(s.wording())))
                .toList();
        return FindingBuilder.builder(this)
                .wording(how.apply(wording))
                .remark(how.apply(remark))
                .drawing(drawing.map(d -> d.worded(how)))
                .history(List.of())
                .sightings(said)
                .build();
    }

    /** The same finding with a weight set by hand, or back to the house rules when empty. */
    public Finding weighing(Optional<Weight> weight) {
        return withWeightSet(weight);
    }

    /** The same finding with one more size that was measured; the surest of its sort is told. */
    public Finding measured(PictureSize size) {
        List<PictureSize> more = new ArrayList<>(sizes);
        more.remove(size);
        more.add(size);
        Finding with = withSizes(more);
        return with.surest().map(s -> with.withTraits(s.in(traits))).orElse(with);
    }

    /** The same with all that was measured of another that it is. */
    public Finding measured(List<PictureSize> others) {
        Finding with = this;
        for (PictureSize size : others) {
            with = with.measured(size);
        }
        return with;
    }

    /** The same finding without a size that was measured; where it was the one told, the next surest is, or none. */
    public Finding without(PictureSize size) {
        List<PictureSize> less = new ArrayList<>(sizes);
        if (!less.remove(size)) {
            return this;
        }
        Finding with = withSizes(less);
        if (!size.isToldBy(traits)) {
            return with;
        }
        return with.withTraits(with.surest()
                .map(s -> s.in(traits))
                .orElse(
                        size.sort().isShare()
                                ? traits.withShare(Optional.empty())
                                : traits.withSize(Optional.empty())));
    }

    /** What was measured best of what is measured of its kind. */
    private Optional<PictureSize> surest() {
        return kind.measuredBy()
                .flatMap(sort -> sizes.stream()
                        .filter(s -> s.sort() == sort)
                        .min(Comparator.comparingDouble(PictureSize::error)));
    }

    /** The measured size that is told of it; empty where the one told was judged by eye, or none is told. */
    public Optional<PictureSize> told() {
        return surest().filter(s -> s.isToldBy(traits));
    }

    /** What is drawn over a frame of it: what a hand drew there, and what its size was measured by, with the size. */
    public List<Drawn> marksOn(FrameRef at) {
        List<Drawn> marks = new ArrayList<>();
        told().filter(s -> s.frame().equals(at) && !s.drawn().isEmpty()).ifPresent(s -> {
            marks.addAll(s.drawn());
            marks.add(Drawn.words(s.drawn().getFirst().top(), s.shown() + " " + s.offBy()));
        });
        drawing.filter(d -> d.frame().equals(at)).ifPresent(d -> marks.addAll(d.marks()));
        return marks;
    }

    /** The same with other marks drawn on its still; with none it is as recorded. */
    public Finding drawnOn(List<Drawn> marks) {
        return withDrawing(marks.isEmpty() ? Optional.empty() : Optional.of(new StillDrawing(frame, marks)));
    }

    /** What a hand drew on its still. */
    public List<Drawn> drawn() {
        return drawing.filter(d -> d.frame().equals(frame))
                .map(StillDrawing::marks)
                .orElse(List.of());
    }

    /** How the size that is told of it is known; blank where none is told. */
    public String sizeHow() {
        boolean any = traits.size().isPresent() || traits.share().isPresent();
        return told().map(PictureSize::how).orElse(any ? PictureSize.BY_EYE : "");
    }

    /** This finding in {@code other}'s words; its own words join the history. What they leave open stays as measured. */
    public Finding amendedTo(Finding other) {
        List<Amendment> longer = new ArrayList<>(history);
        longer.add(new Amendment(wording, kind));
        return FindingBuilder.builder(this)
                .kind(other.kind)
                .typed(other.typed)
                .traits(withKind(other.kind).sized(other.traits))
                .wording(other.wording)
                .remark(other.remark)
                .certainty(other.certainty)
                .history(longer)
                .build();
    }

    private Traits sized(Traits words) {
        return surest().filter(s -> (s.sort().isShare()
                        ? words.share().isEmpty()
                        : words.size().isEmpty()))
                .map(s -> s.in(words))
                .orElse(words);
    }

    /**
     * Kind and the chief traits, as short as a list wants it: {@code Roots, at the top, heavy, 30 % of the bore}. What is no
     * condition is little without its details.
     */
    public String brief() {
        boolean condition = kind.family() == FindingKind.Family.CONDITION || kind.family() == FindingKind.Family.WATER;
        return !condition ? phrase() : saying(traits.withDetails(Details.NONE)).phrase();
    }

    /** Kind and traits in a plain phrase without place: {@code Possibly roots, at the top, heavy, 30 % of the bore}. */
    public String phrase() {
        return FindingPhrase.of(this);
    }
}
