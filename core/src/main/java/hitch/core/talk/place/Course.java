package hitch.core.talk.place;

import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.NoteReader;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Where the camera was at any word of a commentary, by what was said. */
public final class Course {
    /** What is said later than this after a place was told is not said of it for sure, seconds. */
    private static final String BETWEEN_LISTED = "[\\s,.;:-]*(?:and|then)?[\\s,.;:-]*";

    private static final double STANDS_S = 75;
    /** A place is one that was told where it is so near, feet. */
    private static final double SAME_FT = 0.3;

    /** Of a longer stretch only its ends were passed for sure, feet. */
    private static final double LONG_FT = 20;

    private static final int LEAST = 4;
    /** Within this share of the words the counter is set to nothing where it is told at all. */
    private static final double EARLY = 0.3;
    /** It is out for good behind this share. */
    private static final Pattern BACK = Pattern.compile(
            "\\b(?:com(?:e|ing) back|on the way back|way back|going back|pulling back|pull(?:ing)? (?:out|it|easy|her)|head(?:ing|ed)? back"
                    + "|back(?:ing)? (?:out|up|now)|back(?:ing)? to (?!the (?:left|right)|(?:the |our |old )*(?:clay|cast|iron|plastic|pvc|abs|concrete|tile|four|six|normal|straight|round))|okay back|retriev\\w+|return\\w*|end of (?:the )?(?:run|survey|line)|that'?s the (?:city )?main"
                    + "|as far as)\\b");

    private static final int SMALL_WORDS = 24;
    private static final int SOON_CHARS = 200;

    private static final Pattern FILLERS = Pattern.compile(
            "(?:and |that's |thats |it's |its |now |we're |were |i'm |im |at |about |around |like |maybe |right |approximately )+");
    private static final Pattern ZERO = Pattern.compile("\\b(?:zero(?:ed|ing|s)?|zeroes)\\b");

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

    private Course(Transcript transcript, List<PlaceSaid> chosen, List<OddPlace> odd, List<PlaceSaid> afterwards) {
        this.transcript = transcript;
        this.chosen = chosen;
        this.odd = odd;
        this.afterwards = afterwards;
        chosen.forEach(p -> byStart.put(p.start(), p));
        odd.forEach(o -> oddByStart.put(o.start(), o));
        outs = new WayOut(transcript.text(), chosen).all();
        begun = begun(transcript.text());
        farthest = chosen.stream().mapToDouble(PlaceSaid::lastFeet).max().orElse(0);
    }

    public static Course of(Transcript transcript, NoteReader reader, LengthUnit unit) {
        String text = transcript.text();
        Row row = new Row(text, reader.numbers(text));
        int begun = begun(text);
        List<PlaceSaid> numbers = PutRight.in(PlaceFinder.find(row, unit, transcript.hasSigns()), text);
        int over = new WayOut(text, numbers).last(lastZero(text));
        List<PlaceSaid> all = numbers.stream()
                .filter(p -> p.start() >= begun && p.start() < over)
                .map(p -> ThingsPlace.is(p, text, reader) ? p.amongWords() : p)
                .toList();
        List<PlaceSaid> chosen = PlaceTrail.of(all, i -> between(text, all, i, BACK), i -> between(text, all, i, ZERO));
        return new Course(
                transcript,
                chosen,
                chosen.size() < LEAST ? List.of() : OddPlaces.among(all, chosen, transcript),
                numbers.stream()
                        .filter(p -> p.start() >= over
                                || !chosen.contains(p) && (isStretch(p) || p.start() > farthestStart(chosen)))
                        .toList());
    }

    /** Where in the text the farthest place is told first. */
    private static int farthestStart(List<PlaceSaid> chosen) {
        return chosen.stream()
                .max(Comparator.comparingDouble(PlaceSaid::lastFeet)
                        .thenComparing(PlaceSaid::start, Comparator.reverseOrder()))
                .map(PlaceSaid::start)
                .orElse(Integer.MAX_VALUE);
    }

    /** Where the camera sets out: with the first zero, where that is told early; numbers before it are streets, jobs and years. */
    private static int begun(String text) {
        Matcher zero = ZERO.matcher(text.toLowerCase(java.util.Locale.ROOT));
        return zero.find() && zero.start() < text.length() * EARLY ? zero.start() : 0;
    }

    private static int lastZero(String text) {
        return ZERO.matcher(text.toLowerCase(java.util.Locale.ROOT))
                .results()
                .mapToInt(MatchResult::end)
                .reduce(0, (a, b) -> b);
    }

    private static boolean between(String text, List<PlaceSaid> all, int i, Pattern words) {
        int start = i == 0 ? 0 : all.get(i - 1).end();
        int end = Math.min(text.length(), all.get(i).start() + 12);
        return words.matcher(text.substring(start, end).toLowerCase(java.util.Locale.ROOT))
                .find();
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
        return left || long_
                ? Optional.empty()
                : Optional.of(
                        new Draft.Place(last.getValue().from(), last.getValue().to()));
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
            return again.size() == 1
                    ? Optional.of(new Draft.Place(
                            again.getFirst().from(), again.getFirst().to()))
                    : Optional.empty();
        }
        return inside.size() == 1
                ? Optional.of(new Draft.Place(
                        inside.getFirst().from(), inside.getFirst().to()))
                : Optional.empty();
    }

    /** The stretch that was told last before a character, soon before it. */
    public Optional<Draft.Place> lastStretch(int at) {
        return Stream.concat(chosen.stream(), afterwards.stream())
                .filter(p -> p.end() <= at && at - p.end() < SOON_CHARS && isStretch(p))
                .max(Comparator.comparingInt(PlaceSaid::end))
                .map(p -> new Draft.Place(p.from(), p.to()));
    }

    /** What is to be done from one place to another, which need not have been told as places before: "replace it from ten to thirty". */
    public Optional<Draft.Place> stretch(int start, int end) {
        List<PlaceSaid> planned = afterwards.stream()
                .filter(p -> p.start() >= start && p.start() < end && isStretch(p) && p.lastFeet() <= farthest)
                .toList();
        return planned.size() == 1
                ? Optional.of(new Draft.Place(
                        planned.getFirst().from(), planned.getFirst().to()))
                : Optional.empty();
    }

    private static boolean isStretch(PlaceSaid place) {
        return place.lastFeet() > place.feet();
    }

    /** The place that stands by itself right behind a character. */
    public Optional<Draft.Place> behind(int at) {
        var next = byStart.ceilingEntry(at);
        boolean right = next != null
                && next.getValue().bare()
                && transcript.text().substring(at, next.getKey()).matches("[\\s.,]*");
        return right
                ? Optional.of(
                        new Draft.Place(next.getValue().from(), next.getValue().to()))
                : Optional.empty();
    }

    /** The places that were said one after the other, with nothing between them, right before a character. */
    public List<Draft.Place> listedUpTo(int at) {
        List<Draft.Place> listed = new ArrayList<>();
        int end = at;
        var last = byStart.lowerEntry(at);
        while (last != null
                && transcript.text().substring(last.getValue().end(), end).matches(BETWEEN_LISTED)) {
            listed.addFirst(
                    new Draft.Place(last.getValue().from(), last.getValue().to()));
            end = last.getKey();
            last = byStart.lowerEntry(end);
        }
        return listed;
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
                .map(p -> new Draft.Place(p.from(), p.to()))
                .toList();
    }

    /** Whether a place that ends what was said before it begins right behind a character, past a few small words. */
    public boolean endsSoon(int at) {
        String text = transcript.text();
        return byStart.subMap(at, false, at + SMALL_WORDS, false).values().stream()
                .filter(p -> !p.bare())
                .anyMatch(p -> FILLERS.matcher(text.substring(at, p.start()).toLowerCase(java.util.Locale.ROOT))
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
