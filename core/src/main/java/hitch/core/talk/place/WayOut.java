package hitch.core.talk.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Where the speaker says that the camera is out of the line. */
final class WayOut {
    /** "We're out from under the slab, out in the yard": out of the house, and in the pipe. */
    private static final String NOT_YET =
            "\\b(?! (?:of|at|from|in|under|by|past|here|on|to|toward|towards|into|front|back|about|there)\\b)";

    private static final Pattern OUT = Pattern.compile(
            "\\b(?:(?<!(?:time|when|while|once|if|before|after|till|until) )i'?m out" + NOT_YET + "|we'?re out"
                    + NOT_YET
                    + "|out of the (?:hole|cleanout|ground)|back (?:at|in) the (?:clean ?out|start|truck|lip|opening)"
                    + "|that'?s (?:all i have|it for)|camera'?s out" + NOT_YET
                    + "|end of (?:the )?inspection|to (?:sum|summarize|recap)|in (?:summary|closing)"
                    + "|so overall|overall,|in conclusion|what (?:it|this) (?:needs|comes)|for the (?:report|file|office)|to sum it up|so,? where are we|back home|we'?re home|camera is out)\\b");
    private static final Pattern IN_WATER =
            Pattern.compile("\\b(?:water|belly|dips?|sags?|low spot|pool|puddle|submerged|holding|under)\\b");
    private static final double LATE = 0.5;
    /** So far back the water was spoken of that the camera comes out of, characters. */
    private static final int LATELY = 120;
    /** Or so soon behind, in what it was: "I'm out, so that's a belly". */
    private static final int AT_ONCE = 50;
    /** "Feet, and okay, ": what may stand between a place and what is said of it, characters. */
    private static final int RIGHT_BEHIND = 12;

    private final String lower;
    private final List<PlaceSaid> places;

    /** @param places what may be places in {@code text} */
    WayOut(String text, List<PlaceSaid> places) {
        this.lower = text.toLowerCase(Locale.ROOT);
        this.places = places;
    }

    /** Each time that it is said, where the words begin. */
    List<Integer> all() {
        List<Integer> outs = new ArrayList<>();
        Matcher out = OUT.matcher(lower);
        while (out.find()) {
            if (!isOutOfWater(out.start())) {
                outs.add(out.start());
            }
        }
        return outs;
    }

    /**
     * Where the camera is out for good: numbers behind it tell what was told before.
     *
     * @param since not before this character, nor in the first half
     */
    int last(int since) {
        int from = Math.max(since, (int) (lower.length() * LATE));
        return all().stream().filter(o -> o >= from).findFirst().orElse(lower.length());
    }

    /** "Thirty-one, we're out": there the water ends, not the way. */
    private boolean isOutOfWater(int out) {
        return IN_WATER.matcher(lower.substring(Math.max(0, out - LATELY), Math.min(lower.length(), out + AT_ONCE)))
                        .find()
                && places.stream().anyMatch(p -> p.end() <= out && out - p.end() <= RIGHT_BEHIND);
    }
}
