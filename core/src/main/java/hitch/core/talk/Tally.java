package hitch.core.talk;

import hitch.core.talk.place.Course;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Where somebody counts up what was found: "two bellies, one offset and one open joint". Three counts and more in a row are a sum of what
 * was told before, and find nothing anew.
 */
final class Tally {
    private static final String NUMBER = "(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)";
    private static final String THING =
            "(?:crack|fracture|break|hole|gap|offset|belly|bellies|sag|dip|low spot|root|joint|tie.?in|branch(?:es)?"
                    + "|bend|turn|separation|patch(?:es)?|repair|coupling|defect|problem|blockage)s?";
    private static final Pattern COUNT = Pattern.compile("(?<!ty[ -])(?<!hundred )\\b" + NUMBER + " (?:[a-z]+ ){0,2}?"
            + THING + "\\b|\\b" + THING + " (?:in (?:about |like )?)?" + NUMBER
            + " (?:places|times|spots)\\b|\\b(?:you|we)(?:'?ve)? got an? (?:[a-z]+ ){0,2}?"
            + THING + "\\b");

    /** So many counts make a sum. */
    private static final int FEWEST = 3;
    /** So many of them must be no places: "ten roots" may be roots at ten feet. */
    private static final int FEWEST_PLAIN = 2;
    /** No farther apart, characters. */
    private static final int NEAR = 24;
    /** What stands so shortly before or behind belongs to it. */
    private static final int BESIDE = 12;

    private record Span(int from, int to) {}

    private final Course course;
    private final List<Span> sums = new ArrayList<>();
    private final Set<Integer> counted = new HashSet<>();

    /** @param course where a number is a place, and no count */
    Tally(String text, Course course) {
        this.course = course;
        Matcher counts = COUNT.matcher(text.toLowerCase(Locale.ROOT));
        int from = -1;
        int to = -1;
        int many = 0;
        int plain = 0;
        while (counts.find()) {
            if (from >= 0 && counts.start() - to > NEAR) {
                close(from, to, plain < FEWEST_PLAIN ? 0 : many);
                from = -1;
            }
            if (from < 0) {
                from = counts.start();
                many = 0;
                plain = 0;
            }
            to = counts.end();
            counted.add(counts.start());
            many++;
            plain += course.isPlaceAt(counts.start()) ? 0 : 1;
        }
        close(from, to, plain < FEWEST_PLAIN ? 0 : many);
    }

    private void close(int from, int to, int many) {
        if (many >= FEWEST) {
            sums.add(new Span(from - BESIDE, to + BESIDE));
        }
    }

    /** Whether what is named at a character is only counted, and not told with a place of its own. */
    boolean counts(int at) {
        return sums.stream().anyMatch(s -> at >= s.from() && at <= s.to())
                && (course.within(at, at + NEAR).isEmpty() || counted.contains(course.placeIn(at, at + NEAR)));
    }
}
