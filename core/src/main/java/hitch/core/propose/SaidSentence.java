package hitch.core.propose;

import hitch.core.caption.Cue;
import hitch.core.footage.ClockText;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A sentence of what was said.
 *
 * @param seconds when it began, seconds of the clip
 * @param text as it was said
 */
public record SaidSentence(double seconds, String text) {
    /** Where it has no signs a sentence ends at a silence so long, seconds. */
    private static final double SILENCE = 1.2;
    /** Or once it has become so long, letters. */
    private static final int LONG = 140;

    /** In small letters, for what is looked for in it. */
    String plain() {
        return text.toLowerCase(Locale.ROOT).replace('’', '\'').replace('-', ' ');
    }

    /** As it is quoted for a reason, with its time. */
    String quoted() {
        return "\"" + text + "\" (" + ClockText.of(seconds) + ").";
    }

    /**
     * The sentences of captions, which may be broken anywhere.
     *
     * @param offset added to the captions' time, seconds
     */
    public static List<SaidSentence> of(List<Cue> cues, double offset) {
        List<SaidSentence> all = new ArrayList<>();
        StringBuilder open = new StringBuilder();
        double began = 0;
        double before = 0;
        for (Cue cue : cues) {
            if (!open.isEmpty() && (cue.start() - before > SILENCE || open.length() > LONG)) {
                all.add(new SaidSentence(began, open.toString().strip()));
                open.setLength(0);
            }
            before = cue.end();
            for (String part : cue.text().split("(?<=[.!?])\\s+")) {
                if (open.isEmpty()) {
                    began = cue.start() + offset;
                }
                open.append(open.isEmpty() ? "" : " ").append(part);
                if (part.matches(".*[.!?]")) {
                    all.add(new SaidSentence(began, open.toString().strip()));
                    open.setLength(0);
                }
            }
        }
        if (!open.isEmpty()) {
            all.add(new SaidSentence(began, open.toString().strip()));
        }
        return all;
    }
}
