package hitch.bench;

import hitch.media.render.VideoWriter;
import hitch.sim.trial.CounterLook;
import hitch.sim.trial.CounterTrial;
import hitch.sim.trial.ReelPath;
import hitch.sim.trial.TrialFace;
import java.awt.Color;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * The made-up recordings that the counter's reader is tried on: every face in every coding, time and again in other
 * sizes, colours, places, units, rates, softness and grain; every seventh on its head, every eleventh turned over on the
 * way. Each is made from its number alone.
 */
public final class CounterTrials {
    private static final Color[] INKS = {
        Color.WHITE, new Color(240, 225, 40), new Color(60, 235, 70), new Color(15, 15, 15), new Color(235, 235, 235)
    };
    /** Pictures a second of the clips. */
    private static final int[] RATES = {10, 12, 15, 10, 25};

    private static final int ON_ITS_HEAD = 7;
    private static final int TURNED_OVER = 11;

    /**
     * One of them.
     *
     * @param name short, for its file and for tables
     */
    public record Named(String name, CounterTrial trial) {}

    private CounterTrials() {}

    /**
     * @param rounds how often each face is tried in each coding
     * @param seconds length of each clip
     * @param seed of all chance
     */
    public static List<Named> of(int rounds, double seconds, long seed) {
        List<Named> all = new ArrayList<>();
        int n = 0;
        for (int round = 0; round < rounds; round++) {
            for (TrialFace face : TrialFace.values()) {
                for (VideoWriter.Coding coding : VideoWriter.Coding.values()) {
                    all.add(new Named(face + "-" + coding + "-" + round, trial(face, coding, seconds, n++, seed)));
                }
            }
        }
        return all;
    }

    private static CounterTrial trial(TrialFace face, VideoWriter.Coding coding, double seconds, int n, long seed) {
        Random random = new Random(seed + n);
        CounterLook.Ground ground = CounterLook.Ground.values()[n % 2];
        Color ink = INKS[random.nextInt(INKS.length)];
        boolean dark = ink.getRed() < 100;
        CounterLook.Form[] forms = CounterLook.Form.values();
        CounterLook.Form form = forms[random.nextInt(forms.length)];
        boolean marks = form != CounterLook.Form.FEET_INCHES || face != TrialFace.BARS;
        CounterLook look = new CounterLook(
                face,
                11 + random.nextInt(8) * (1 + random.nextInt(6)),
                ink,
                dark ? CounterLook.Ground.BOX : ground,
                random.nextBoolean(),
                random.nextBoolean(),
                marks ? form : CounterLook.Form.PLAIN);
        return new CounterTrial(
                look,
                coding,
                random.nextDouble() * 12,
                random.nextDouble() * look.tall() / 18,
                n % 4 == 1,
                n % ON_ITS_HEAD == 5 ? 0 : n % TURNED_OVER == 7 ? seconds * 0.5 : Double.POSITIVE_INFINITY,
                400_000 + random.nextInt(1_600_000),
                seconds,
                RATES[n % RATES.length],
                new ReelPath(random, seconds, n % 3 == 0),
                seed - 200 + n);
    }
}
