package hitch.bench;

import hitch.core.caption.Cue;
import hitch.core.measure.LengthUnit;
import hitch.core.note.NoteReader;
import hitch.core.talk.Contradictions;
import hitch.core.talk.Spoken;
import hitch.core.talk.TalkReader;
import hitch.core.talk.Whereabouts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.LongSupplier;

/** Measures how fast talk is read, on one thread. */
public final class TalkTimes {
    private static final int CUES = 2000;
    private static final int LETTERS = 1_000_000;
    private static final int ROUNDS = 5;

    /**
     * What was measured, each the best of some rounds.
     *
     * @param cues captions that were read and held against each other
     * @param cuesS seconds for them
     * @param randomS seconds for a megabyte of random text
     * @param splitS seconds for only splitting that text into words, the least there is to do
     */
    public record Outcome(int cues, int drafts, double cuesS, double randomS, double splitS) {}

    private final NoteReader reader;
    private final LongSupplier nanos;

    /** @param nanos a clock, nanoseconds */
    public TalkTimes(NoteReader reader, LongSupplier nanos) {
        this.reader = reader;
        this.nanos = nanos;
    }

    public Outcome run() {
        List<Cue> cues = commentary();
        String random = random();
        double cuesS = Double.MAX_VALUE;
        double randomS = Double.MAX_VALUE;
        double splitS = Double.MAX_VALUE;
        int drafts = 0;
        for (int i = 0; i < ROUNDS; i++) {
            long start = nanos.getAsLong();
            Spoken.All all = new TalkReader(reader, LengthUnit.FEET).read(cues);
            drafts = all.drafts().size()
                    + Contradictions.in(all, Whereabouts.UNKNOWN, LengthUnit.FEET)
                            .size();
            cuesS = Math.min(cuesS, since(start));
            start = nanos.getAsLong();
            reader.hear(random, LengthUnit.FEET, Optional.empty());
            randomS = Math.min(randomS, since(start));
            start = nanos.getAsLong();
            random.split("\\W+");
            splitS = Math.min(splitS, since(start));
        }
        return new Outcome(cues.size(), drafts, cuesS, randomS, splitS);
    }

    private double since(long start) {
        return (nanos.getAsLong() - start) / 1e9;
    }

    /** Two thousand captions as a long day would give them: findings, talk, corrections. */
    private static List<Cue> commentary() {
        String[] lines = {
            "Okay, at %s feet there are some roots at the top of the joint.",
            "Looking good through here, nice clean pipe.",
            "There's a half inch offset at %s, on the bottom.",
            "We've got standing water from %s for about six feet.",
            "I'm going to clean the lens and go on.",
            "That is a tie in on the left side at %s feet.",
            "No cracks, no roots, no offsets in this stretch.",
            "Sorry, that was at %s feet."
        };
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < CUES; i++) {
            String place = Integer.toString(5 + i % 90);
            cues.add(new Cue(i * 4, i * 4 + 3.5, lines[i % lines.length].replace("%s", place)));
        }
        return cues;
    }

    private static String random() {
        Random random = new Random(5);
        StringBuilder text = new StringBuilder();
        while (text.length() < LETTERS) {
            int next = random.nextInt(40);
            text.append(next < 26 ? (char) ('a' + next) : next < 32 ? ' ' : (char) random.nextInt(32, 0x17f));
        }
        return text.toString();
    }
}
