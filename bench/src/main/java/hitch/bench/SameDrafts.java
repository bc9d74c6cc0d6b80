package hitch.bench;

import hitch.core.caption.Cue;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.talk.Spoken;
import hitch.core.talk.TalkReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * How much of what is understood of the true words is understood of those that were heard.
 *
 * @param all drafts of the true words
 * @param same of them, found in the heard ones at the same moment, with their kind and their place
 * @param more drafts of the heard words alone
 */
record SameDrafts(int all, int same, int more) {
    static final SameDrafts NONE = new SameDrafts(0, 0, 0);
    /** A draft of the heard words stands no farther off, seconds. */
    private static final double NEAR = 6;

    static SameDrafts of(List<Cue> said, List<Cue> heard) {
        TalkReader reader = new TalkReader(new TradeNoteReader(), LengthUnit.FEET);
        List<Spoken> truth = reader.read(said).drafts();
        List<Spoken> open = new ArrayList<>(reader.read(heard).drafts());
        int same = 0;
        for (Spoken one : truth) {
            boolean found = open.stream()
                    .filter(o -> isSame(one, o))
                    .findFirst()
                    .map(open::remove)
                    .orElse(false);
            same += found ? 1 : 0;
        }
        return new SameDrafts(truth.size(), same, open.size());
    }

    private static boolean isSame(Spoken one, Spoken other) {
        return one.draft().matter() == other.draft().matter()
                && one.draft().place().equals(other.draft().place())
                && Math.abs(one.seconds() - other.seconds()) < NEAR;
    }

    SameDrafts plus(SameDrafts o) {
        return new SameDrafts(all + o.all, same + o.same, more + o.more);
    }

    String words() {
        return String.format(
                Locale.ROOT, "%d of %d (%.0f %%), %d more", same, all, 100.0 * same / Math.max(1, all), more);
    }
}
