package hitch.core.talk.place;

import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.NoteReader;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Where the camera was at any word of a commentary, by what was said. */
public final class Course {
    /** What is said later than this after a place was told is not said of it for sure, seconds. */
    private static final double STANDS_S = 75;
    /** A place is one that was told where it is so near, feet. */
    private static final double SAME_FT = 0.3;

    /** Of a longer stretch only its ends were passed for sure, feet. */
    private static final double LONG_FT = 20;

    /** Of fewer places nothing is known of where the camera goes. */
    static final int LEAST = 4;

    private static final int SMALL_WORDS = 24;
    private static final int SOON_CHARS = 200;

    /** What leads to a place that begins a statement. */
    private static final Pattern LEADS =
            Pattern.compile("(?i)\\b(?:(?:and|so|then|now|okay) )+at (?:(?:about|around|like) )?$");

    private static final Pattern FILLERS = Pattern.compile(
            "(?:and |that's |thats |it's |its |now |we're |were |i'm |im |at |about |around |like |maybe |right |approximately )+");
    /** What stands between two places that are said one after the other. */
    private static final String BETWEEN_LISTED =
            "[\\s,.;:-]*(?:and|then)?[\\s,.;:-]*(?:(?:dig|cut|fix|patch) )?(?:at )?";

    private final Transcript transcript;
    private final List<PlaceSaid> chosen;
    private final TreeMap<Integer, PlaceSaid> byStart = new TreeMap<>();
    private final List<OddPlace> odd;
    /** What is told once more when the camera is out, and stretches that were told out of their order. */
    private final List<PlaceSaid> afterwards;

    private final TreeMap<Integer, OddPlace> oddByStart = new TreeMap<>();
    private final List<Integer> outs;
    private final int begun;
    /** Feet. */
    private final double farthest;

    /**
     * @param begun where in the text the camera sets out
     * @param chosen in the order in which they were told
     */
    Course(Transcript transcript, int begun, List<PlaceSaid> chosen, List<OddPlace> odd, List<PlaceSaid> afterwards) {
        this.transcript = transcript;
        this.begun = begun;
        this.chosen = chosen;
        this.odd = odd;
        this.afterwards = afterwards;
        chosen.forEach(p -> byStart.put(p.start(), p));
        odd.forEach(o -> oddByStart.put(o.start(), o));
        outs = new WayOut(transcript.text(), chosen).all();
        farthest = chosen.stream().mapToDouble(PlaceSaid::lastFeet).max().orElse(0);
    }

    /** The course that is told; see {@link CourseFinder}. */
    /** What was said between two places of the text. */
    public String said(int from, int to) {
        return transcript.text().substring(from, Math.min(to, transcript.text().length()));
    }

    public static Course of(Transcript transcript, NoteReader reader, LengthUnit unit) {
        return CourseFinder.find(transcript, reader, unit);
    }

    /** Whether places enough were told for a course; of a sentence or two nothing is known of where the camera goes. */
    public boolean isTold() {
        return chosen.size() >= LEAST;
    }

    /** The place that was told last before a character, where the camera still stands there. */
    public Optional<Draft.Place> at(int at) {
        var last = byStart.floorEntry(at);
        if (last == null) {
            return Optional.empty();
        }
        var slip = oddByStart.floorEntry(at);
        if (slip != null && slip.getKey() > last.getKey()) {
            return slip.getValue().likely().map(d -> new Draft.Place(d, d));
        }
        boolean left = outs.stream().anyMatch(o -> o > last.getValue().end() && o < at);
        boolean long_ =
                transcript.secondsAt(at) - transcript.secondsAt(last.getValue().start()) > STANDS_S;
        return left || long_ ? Optional.empty() : Optional.of(last.getValue().place());
    }

    /** Whether no place is passed any more. */
    public boolean isBehindLast(int at) {
        return byStart.isEmpty() || at > byStart.lastKey();
    }

    /** Whether the farthest place was reached: what follows may sum up. */
    public boolean isBehindFarthest(int at) {
        return chosen.stream()
                        .filter(p -> p.lastFeet() >= farthest)
                        .mapToInt(PlaceSaid::start)
                        .min()
                        .orElse(-1)
                < at;
    }

    /** Whether the camera is not in yet: what is spoken of is the job. */
    public boolean isBefore(int at) {
        return at < begun;
    }

    /** Whether the camera is out by then, so that what is told is told once more. */
    public boolean isOver(int at) {
        var last = byStart.floorEntry(at);
        int since = last == null ? 0 : last.getValue().end();
        return outs.stream().anyMatch(o -> o > since && o < at);
    }

    /** The place that is said among the words of a passage; empty where there is none or are several. */
    public Optional<Draft.Place> within(int start, int end) {
        var inside = byStart.subMap(start, true, end, false).values().stream()
                .filter(p -> !p.bare())
                .toList();
        if (inside.isEmpty()) {
            List<PlaceSaid> again = afterwards.stream()
                    .filter(p -> p.start() >= start && p.start() < end && knows(p.from()) && knows(p.to()))
                    .toList();
            return again.size() == 1 ? Optional.of(again.getFirst().place()) : Optional.empty();
        }
        return inside.size() == 1 ? Optional.of(inside.getFirst().place()) : Optional.empty();
    }

    /** The stretch that was told last before a character, soon before it. */
    public Optional<Draft.Place> lastStretch(int at) {
        return Stream.concat(chosen.stream(), afterwards.stream())
                .filter(p -> p.end() <= at && at - p.end() < SOON_CHARS && p.isStretch())
                .max(Comparator.comparingInt(PlaceSaid::end))
                .map(PlaceSaid::place);
    }

    /** What is to be done from one place to another, which need not have been told as places before: "replace it from ten to thirty". */
    public Optional<Draft.Place> stretch(int start, int end) {
        List<PlaceSaid> planned = afterwards.stream()
                .filter(p -> p.start() >= start && p.start() < end && p.isStretch() && p.lastFeet() <= farthest)
                .toList();
        return planned.size() == 1 ? Optional.of(planned.getFirst().place()) : Optional.empty();
    }

    /** The place that stands by itself right behind a character. */
    public Optional<Draft.Place> behind(int at) {
        var next = byStart.ceilingEntry(at);
        boolean right = next != null
                && next.getValue().bare()
                && transcript.text().substring(at, next.getKey()).matches("[\\s.,]*");
        return right ? Optional.of(next.getValue().place()) : Optional.empty();
    }

    /**
     * The places that were said one after the other, with nothing between them, right before a character; those that are told once more when
     * the camera is out among them.
     */
    public List<Draft.Place> listedUpTo(int at) {
        TreeMap<Integer, PlaceSaid> all = new TreeMap<>(byStart);
        afterwards.stream().filter(p -> knows(p.from()) && knows(p.to())).forEach(p -> all.putIfAbsent(p.start(), p));
        List<Draft.Place> listed = new ArrayList<>();
        int end = at;
        var last = all.lowerEntry(at);
        while (last != null
                && transcript.text().substring(last.getValue().end(), end).matches(BETWEEN_LISTED)) {
            listed.addFirst(last.getValue().place());
            end = last.getKey();
            last = all.lowerEntry(end);
        }
        return listed;
    }

    /** Where the words begin that are told at the place that stands at a character. */
    public int firstWord(int place) {
        PlaceSaid here = byStart.get(place);
        int at = here == null ? place : here.end();
        while (at < transcript.text().length()
                && !Character.isLetterOrDigit(transcript.text().charAt(at))) {
            at++;
        }
        return at;
    }

    /** Where the last place between two characters stands in the text; {@code start} where there is none. */
    public int lastPlaceIn(int start, int end) {
        Integer last = byStart.lowerKey(end);
        return last == null ? start : Math.max(last, start);
    }

    /** Where the first place begins that is said among the words of a passage; its end where there is none. */
    public int placeIn(int start, int end) {
        Integer first = byStart.ceilingKey(start);
        return first == null ? end : Math.min(first, end);
    }

    /** All places that are said among the words of a passage. */
    public List<Draft.Place> all(int start, int end) {
        return byStart.subMap(start, true, end, false).values().stream()
                .map(PlaceSaid::place)
                .toList();
    }

    /**
     * Where a statement begins whose first words stand at a character: with the place that leads to it, if one stands right before them, as
     * in "and at twenty-three feet there's".
     */
    public int beginsAt(int at) {
        var place = byStart.lowerEntry(at);
        if (place == null
                || place.getValue().bare()
                || !transcript.text().substring(place.getValue().end(), at).isBlank()) {
            return at;
        }
        Matcher lead =
                LEADS.matcher(transcript.text()).region(Math.max(0, place.getKey() - SMALL_WORDS), place.getKey());
        return lead.find() ? lead.start() : at;
    }

    /** Whether a place that ends what was said before it begins right behind a character, past a few small words. */
    public boolean endsSoon(int at) {
        String text = transcript.text();
        return byStart.subMap(at, false, at + SMALL_WORDS, false).values().stream()
                .filter(p -> !p.bare())
                .anyMatch(p -> FILLERS.matcher(text.substring(at, p.start()).toLowerCase(Locale.ROOT))
                        .matches());
    }

    /** Whether a distance is one that the camera was told to have passed. */
    public boolean knows(Distance place) {
        return chosen.stream()
                .anyMatch(p -> p.lastFeet() - p.feet() > LONG_FT
                        ? Math.min(Math.abs(p.feet() - place.inFeet()), Math.abs(p.lastFeet() - place.inFeet()))
                                <= SAME_FT
                        : p.feet() - SAME_FT <= place.inFeet() && place.inFeet() <= p.lastFeet() + SAME_FT);
    }

    /** Whether a place that stands by itself begins at a character, so that what follows it is there. */
    public boolean isPlaceAt(int at) {
        PlaceSaid here = byStart.get(at);
        return isTold() && here != null && here.bare();
    }

    /**
     * What is told of one place in a passage, from one character to another. Where a passage begins with a place, each place is told before
     * its things; else behind them, and more of them behind it.
     *
     * @param at where the thing is named
     */
    public int[] toldThere(int at, int from, int to) {
        var inside = byStart.subMap(from, true, to, false);
        boolean placeFirst =
                !inside.isEmpty() && StandsAlone.isLead(transcript.text().substring(from, inside.firstKey()));
        // What is told of the place that leads may be known by all of its words.
        Integer first = placeFirst ? inside.floorKey(Math.max(at, inside.firstKey())) : inside.floorKey(at);
        Integer next = inside.higherKey(first == null ? at : Math.max(at, first));
        Integer last = placeFirst || next == null ? next : inside.higherKey(next);
        return new int[] {first == null ? from : first, last == null ? to : last};
    }

    /** Places that stand by themselves: where they begin and end in the text. */
    public List<int[]> bare() {
        return !isTold()
                ? List.of()
                : chosen.stream()
                        .filter(p -> p.bare() && p.feet() > 0)
                        .map(p -> new int[] {p.start(), p.end()})
                        .toList();
    }

    /** Such a distance among the words of a passage. */
    public Optional<OddPlace> oddWithin(int start, int end) {
        return oddByStart.subMap(start, true, end, false).values().stream().findFirst();
    }

    /** Distances that were said and cannot have been passed there. */
    public List<OddPlace> odd() {
        return odd;
    }

    /** The places in the order in which they were told, feet. */
    public List<Double> told() {
        return chosen.stream().map(PlaceSaid::feet).toList();
    }
}
