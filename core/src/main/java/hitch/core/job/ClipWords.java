package hitch.core.job;

import hitch.core.caption.Cue;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.talk.Commentary;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What the technician said along a clip, heard in place of the narrator.
 *
 * @param parts what is heard, in this order; one or more
 */
public record ClipWords(List<Part> parts) implements ShotVoice {
    /**
     * A stretch of a clip's sound.
     *
     * @param fromPts first time, ticks
     * @param toPts time after the last, ticks; greater than {@code fromPts}
     * @param words what is said in it
     */
    public record Part(ClipId clip, long fromPts, long toPts, String words) {
        public Part {
            if (toPts <= fromPts) {
                throw new IllegalArgumentException("words take a time");
            }
        }
    }

    public ClipWords {
        parts = List.copyOf(parts);
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("nothing is said");
        }
    }

    /** Said so long before a moment, or after it, words may be about it; seconds. */
    private static final double BEFORE = 12;

    private static final double AFTER = 8;
    /** Said with no more between them than this, words belong together; seconds. */
    private static final double TOGETHER = 1.5;

    /**
     * What was said about a moment of a clip: each caption, and those that follow each other at once together.
     *
     * @param talk captions of the job
     * @param seconds the moment, from the clip's first frame
     * @return in order of time, the whole before its parts
     */
    public static List<ClipWords> near(List<Commentary> talk, Clip clip, double seconds) {
        List<ClipWords> all = new ArrayList<>();
        for (Commentary captions : talk) {
            if (!captions.clip().equals(clip.id())) {
                continue;
            }
            List<Part> together = new ArrayList<>();
            double end = Double.NEGATIVE_INFINITY;
            for (Cue cue : captions.cues()) {
                double from = cue.start() + captions.offset();
                double to = cue.end() + captions.offset();
                if (to < seconds - BEFORE
                        || from > seconds + AFTER
                        || to <= from
                        || cue.text().isBlank()) {
                    continue;
                }
                if (from - end > TOGETHER) {
                    take(together, all);
                }
                together.add(new Part(
                        clip.id(), clip.ptsAt(from), Math.max(clip.ptsAt(from) + 1, clip.ptsAt(to)), cue.text()));
                end = to;
            }
            take(together, all);
        }
        return all;
    }

    private static void take(List<Part> together, List<ClipWords> all) {
        if (together.size() > 1) {
            all.add(new ClipWords(together));
        }
        together.forEach(p -> all.add(new ClipWords(List.of(p))));
        together.clear();
    }

    @Override
    public String says() {
        return parts.stream().map(Part::words).collect(Collectors.joining(" "));
    }
}
