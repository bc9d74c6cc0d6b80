package hitch.core.talk;

import hitch.core.caption.Dangling;
import hitch.core.talk.place.Course;
import hitch.core.talk.place.Transcript;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Cuts a commentary into what is read at once. Captions are cut by the clock, not by the sense: a passage ends where a sentence does,
 * at a silence, and where the speaker says the next place by itself. Speech that was written down without signs is cut at the sounds of
 * thinking and at the words that begin a statement.
 */
final class Passages {
    /**
     * A part of the commentary.
     *
     * @param start where it begins in the text, characters
     * @param text as it is read, as long as it stands there: a place that was said by itself is blank
     */
    record Passage(int start, String text) {
        /** Where it ends, exclusive. */
        int end() {
            return start + text.length();
        }
    }

    private static final int LONGEST = 600;
    private static final Pattern STARTS = Pattern.compile(
            "\\b(?:uh|um|okay|alright|there's|theres|there is|there she|here's|and then|now|but|so|we're|we got|we've got|i see|you can see"
                    + "|i can see|looks like|coming(?! (?:in|from|through|down|apart|out)\\b)|that's|and it's|it's|and that's|and there|i'm|im|then |i cant|i can't|and (?:you|we|i|he|she|they)|theres|thats"
                    + "|(?:first|second|third|fourth|next) (?:joint|one)|more roots|no (?:that's|thats|it's)|nope |it's (?:just )?an? (?:scratch|stain|shadow|reflection)|don't worry|and back (?:in|to|into) (?:the )?[a-z]|quit flushing|a little bit of|little bit of)\\b");
    /** "A wye on my right, that's nine and a half": its place ends the statement before it. */
    private static final Pattern ENDS_WITH_PLACE = Pattern.compile(
            "(?:and )?(?:that's|thats|it's|its|now|we're|were|i'm|im) (?:at |about |around |like |maybe |right |approximately )*(?=[a-z]*\\d|[a-z]+)");

    private static final int LEAST_WORDS = 3;

    /** What parts a place from what is told there: "41.2: crack ends". */
    private static final String SIGNS = ",:;";

    private Passages() {}

    static List<Passage> of(Transcript transcript, Course course) {
        String text = blanked(transcript, course);
        boolean signs = transcript.hasSigns();
        TreeSet<Integer> cuts = new TreeSet<>();
        cuts.add(0);
        course.bare().forEach(b -> cuts.add(b[0]));
        int[] starts = transcript.starts();
        boolean sense = transcript.isCutAtPauses();
        for (int i = 1; i < starts.length; i++) {
            boolean ended = sense || transcript.cues().get(i - 1).text().matches("(?s).*[.!?]");
            if (ended || transcript.isAfterPause(starts[i])) {
                cuts.add(starts[i]);
            }
        }
        if (!signs) {
            statements(text, course, cuts);
        }
        List<Passage> passages = new ArrayList<>();
        List<Integer> ordered = new ArrayList<>(cuts);
        for (int i = 0; i < ordered.size(); i++) {
            int from = ordered.get(i);
            int to = i + 1 < ordered.size() ? ordered.get(i + 1) : text.length();
            while (from < to) {
                int end = Math.min(to, from + LONGEST);
                if (end < to && text.lastIndexOf(' ', end) > from) {
                    end = text.lastIndexOf(' ', end);
                }
                passages.add(new Passage(from, text.substring(from, end)));
                from = end;
            }
        }
        return passages;
    }

    private static void statements(String text, Course course, TreeSet<Integer> cuts) {
        String lower = text.toLowerCase(Locale.ROOT);
        Matcher start = STARTS.matcher(lower);
        while (start.find()) {
            // "And at twenty-three feet there's": the place is of what follows it.
            int at = course.isTold() ? course.beginsAt(start.start()) : start.start();
            int last = cuts.floor(at);
            String before = lower.substring(last, at).strip();
            String[] words = before.split("\\s+");
            boolean endsIt = ENDS_WITH_PLACE
                            .matcher(lower.substring(at, Math.min(lower.length(), at + 32)))
                            .lookingAt()
                    && course.endsSoon(at);
            boolean back = lower.startsWith("and back", at);
            if (words.length >= (back ? 1 : LEAST_WORDS) && !Dangling.is(before) && !endsIt) {
                cuts.add(at);
            }
        }
    }

    private static String blanked(Transcript transcript, Course course) {
        StringBuilder left = new StringBuilder(transcript.text());
        for (int[] bare : course.bare()) {
            for (int i = bare[0]; i < bare[1]; i++) {
                left.setCharAt(i, ' ');
            }
            if (bare[1] < left.length() && SIGNS.indexOf(left.charAt(bare[1])) >= 0) {
                left.setCharAt(bare[1], ' ');
            }
        }
        if (transcript.isCutAtPauses()) {
            // The stop that parts two captions is none of the speaker's words.
            for (int start : transcript.starts()) {
                left.replace(Math.max(0, start - 2), start, " ".repeat(Math.min(start, 2)));
            }
        }
        return left.toString();
    }
}
