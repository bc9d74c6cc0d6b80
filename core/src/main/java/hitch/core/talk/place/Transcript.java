package hitch.core.talk.place;

import hitch.core.caption.Cue;
import hitch.core.caption.Dangling;
import hitch.core.caption.SoundAlikes;
import java.util.List;
import java.util.Locale;

/**
 * Captions as one text.
 *
 * @param cues in order of time
 * @param text their words, a space between two captions; a full stop too where captions without signs are cut at the speaker's pauses
 * @param starts where each caption begins in the text
 */
public record Transcript(List<Cue> cues, String text, int[] starts) {
    /** A silence as long as this parts what is said, seconds. */
    private static final double PAUSE_S = 2.5;

    public static Transcript of(List<Cue> cues) {
        StringBuilder text = new StringBuilder();
        int[] starts = new int[cues.size()];
        String between = isCutAtPauses(cues) ? ". " : " ";
        for (int i = 0; i < starts.length; i++) {
            text.append(i == 0 ? "" : between);
            starts[i] = text.length();
            text.append(cues.get(i).text());
        }
        Transcript heard = new Transcript(List.copyOf(cues), text.toString(), starts);
        return heard.hasSigns()
                ? heard
                : new Transcript(heard.cues(), SoundAlikes.mended(heard.text(), starts), starts);
    }

    /** The number of the caption that holds a character. */
    public int cueAt(int at) {
        int found = java.util.Arrays.binarySearch(starts, at);
        return found >= 0 ? found : Math.max(0, -found - 2);
    }

    /** When the caption that holds a character begins, seconds. */
    public double secondsAt(int at) {
        return cues.get(cueAt(at)).start();
    }

    /** Whether a caption begins at a character after a silence. */
    public boolean isAfterPause(int at) {
        int cue = cueAt(at);
        return cue > 0
                && starts[cue] == at
                && cues.get(cue).start() - cues.get(cue - 1).end() > PAUSE_S;
    }

    /** Whether its sentences end with signs, as those of a person do and those of a machine often do not. */
    public boolean hasSigns() {
        return hasSigns(cues);
    }

    /** Whether it has no signs, but each caption ends where a statement does. */
    public boolean isCutAtPauses() {
        return isCutAtPauses(cues);
    }

    private static boolean isCutAtPauses(List<Cue> cues) {
        return !hasSigns(cues) && Dangling.isSeldom(cues);
    }

    private static boolean hasSigns(List<Cue> cues) {
        long ended = cues.stream().filter(c -> endsSentence(c.text())).count();
        return ended * 4 >= cues.size();
    }

    private static boolean endsSentence(String text) {
        return text.endsWith(".") || text.endsWith("!") || text.endsWith("?");
    }

    /** What was said in so many seconds before a character, on lower case. */
    public String lately(int at, double seconds) {
        int from = cueAt(at);
        int cue = from;
        while (from > 0 && cues.get(cue).start() - cues.get(from - 1).start() < seconds) {
            from--;
        }
        return text.substring(starts[from], at).toLowerCase(Locale.ROOT);
    }
}
