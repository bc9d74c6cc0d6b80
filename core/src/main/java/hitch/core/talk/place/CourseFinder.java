package hitch.core.talk.place;

import hitch.core.measure.LengthUnit;
import hitch.core.note.NoteReader;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finds the course of a commentary: which of its numbers are places that the camera passed, and in which order. */
final class CourseFinder {
    /** Within this share of the words the counter is set to nothing where it is told at all. */
    private static final double EARLY = 0.3;
    /** So far into what follows it a word may tell how a place is come to, characters. */
    private static final int INTO_IT = 12;

    private static final Pattern BACK = Pattern.compile(
            "\\b(?:com(?:e|ing) back|on the way back|way back|going back|pulling back|pull(?:ing)? (?:out|it|easy|her)|head(?:ing|ed)? back"
                    + "|back(?:ing)? (?:out|up|now)|back(?:ing)? to (?!the (?:left|right)|(?:the |our |old )*(?:clay|cast|iron|plastic|pvc|abs|concrete|tile|four|six|normal|straight|round))|okay back|retriev\\w+|return\\w*|end of (?:the )?(?:run|survey|line)|that'?s the (?:city )?main"
                    + "|as far as)\\b");
    private static final Pattern ZERO = Pattern.compile("\\b(?:zero(?:ed|ing|s)?|zeroes)\\b");

    private CourseFinder() {}

    static Course find(Transcript transcript, NoteReader reader, LengthUnit unit) {
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
                begun,
                chosen,
                chosen.size() < Course.LEAST ? List.of() : OddPlaces.among(all, chosen, transcript),
                numbers.stream()
                        .filter(p -> p.start() >= over
                                || !chosen.contains(p) && (p.isStretch() || p.start() > farthestStart(chosen)))
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
        Matcher zero = ZERO.matcher(text.toLowerCase(Locale.ROOT));
        return zero.find() && zero.start() < text.length() * EARLY ? zero.start() : 0;
    }

    private static int lastZero(String text) {
        return ZERO.matcher(text.toLowerCase(Locale.ROOT))
                .results()
                .mapToInt(MatchResult::end)
                .reduce(0, (a, b) -> b);
    }

    private static boolean between(String text, List<PlaceSaid> all, int i, Pattern words) {
        int start = i == 0 ? 0 : all.get(i - 1).end();
        int end = Math.min(text.length(), all.get(i).start() + INTO_IT);
        return words.matcher(text.substring(start, end).toLowerCase(Locale.ROOT))
                .find();
    }
}
