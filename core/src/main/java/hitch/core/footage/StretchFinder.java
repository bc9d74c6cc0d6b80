package hitch.core.footage;

import hitch.core.footage.Stretch.Reason;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;

/**
 * Finds the dark, blurred, paused and motionless stretches of a clip from its glances. Blur is judged against the clip's
 * own usual sharpness and stillness against its own usual noise, since cameras differ; the bounds were set on simulated
 * footage and are ours.
 */
public final class StretchFinder {
    /** Mean brightness below which a wall cannot be made out, of 255. */
    private static final float DARK = 26;
    /** Share of the clip's usual detail below which a picture is blurred. */
    private static final float BLURRED = 0.45f;
    /** Brightness change that stands for a moving camera whatever the clip, of 255. */
    private static final float MOVES = 2.2f;
    /** Bad seeing that lasts less is passed over, seconds. */
    private static final double SHORTEST_BAD = 0.8;
    /** A stop that lasts less is a hesitation, seconds. */
    private static final double SHORTEST_STOP = 2;
    /** A frame that stands longer, with the frames round it standing much less, is a pause of the recorder, seconds. */
    private static final double PAUSE = 1.5;

    private final FrameIndex frames;

    public StretchFinder(FrameIndex frames) {
        this.frames = frames;
    }

    public List<Stretch> find(List<Glance> glances) {
        List<Stretch> found = new ArrayList<>(pauses());
        if (glances.size() < 2) {
            return found;
        }
        float usual = usualDetail(glances);
        float still = stillness(glances);
        collect(glances, i -> glances.get(i).light() < DARK, Reason.DARK, SHORTEST_BAD, found);
        collect(
                glances,
                i -> glances.get(i).light() >= DARK && glances.get(i).detail() < BLURRED * usual,
                Reason.BLURRED,
                SHORTEST_BAD,
                found);
        collect(glances, i -> i > 0 && glances.get(i).motion() < still, Reason.MOTIONLESS, SHORTEST_STOP, found);
        return found;
    }

    private List<Stretch> pauses() {
        List<Stretch> found = new ArrayList<>();
        double rate = frames.rate();
        for (int i = 0; i + 1 < frames.count(); i++) {
            double seconds = frames.base().seconds(frames.pts(i + 1) - frames.pts(i));
            if (seconds > PAUSE && seconds * rate > 10) {
                found.add(new Stretch(frames.pts(i), frames.pts(i + 1), Reason.PAUSED));
            }
        }
        return found;
    }

    /** Detail of the sharper half of the lit pictures: its middle. */
    static float usualDetail(List<Glance> glances) {
        double[] lit = glances.stream()
                .filter(g -> g.light() >= DARK)
                .mapToDouble(Glance::detail)
                .sorted()
                .toArray();
        return lit.length == 0 ? 0 : (float) lit[lit.length * 3 / 4];
    }

    /** Change that noise alone makes is a little above the quietest pictures'; a moving camera changes far more. */
    private static float stillness(List<Glance> glances) {
        double[] motions =
                glances.stream().skip(1).mapToDouble(Glance::motion).sorted().toArray();
        double quiet = motions[motions.length / 20];
        double usual = motions[motions.length * 3 / 4];
        return (float) Math.min(Math.max(2 * quiet, 0.25 * usual), MOVES);
    }

    private void collect(List<Glance> glances, IntPredicate bad, Reason reason, double shortest, List<Stretch> into) {
        int from = -1;
        for (int i = 0; i <= glances.size(); i++) {
            // One good glance amid bad ones does not end a stretch.
            boolean here =
                    i < glances.size() && (bad.test(i) || from >= 0 && i + 1 < glances.size() && bad.test(i + 1));
            if (here && from < 0) {
                from = i;
            } else if (!here && from >= 0) {
                long start = glances.get(from).pts();
                long end = i < glances.size() ? glances.get(i).pts() : frames.endPts();
                if (end > start && frames.base().seconds(end - start) >= shortest) {
                    into.add(new Stretch(start, end, reason));
                }
                from = -1;
            }
        }
    }
}
