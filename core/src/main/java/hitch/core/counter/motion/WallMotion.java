package hitch.core.counter.motion;

import hitch.core.counter.sight.GreyPicture;
import java.util.ArrayList;
import java.util.List;

/**
 * Follows the pipe's wall from picture to picture. What stays in its place, such as the lamp's light, dirt on the glass
 * and writing, is taken off as the mean; what is left is matched along the depth by normalised correlation, all
 * sectors together, the likeliest way through all the matches is taken, and each is placed between samples by a parabola.
 */
public final class WallMotion {
    /** Farthest that the wall moves between two pictures, samples. */
    private static final int FARTHEST = 28;
    /** Pictures that are followed together, three minutes of them. */
    private static final int TOGETHER = 1800;
    /** Moving pictures that tell what stays in place. */
    private static final int ENOUGH = 30;
    /** Correlation under which two pictures have nothing in common. */
    private static final double LEAST = 0.12;
    /**
     * How far the camera went from the picture before.
     *
     * @param seconds time of this picture
     * @param forward depth it went, positive forward, in units that only the pipe's width gives a length to
     * @param match how well the two pictures agree, 0 to 1; 0 where they do not
     */
    public record Step(double seconds, double forward, double match) {}

    private record Seen(double seconds, float[] cells) {}

    private final List<Step> steps = new ArrayList<>();
    private final List<Seen> waiting = new ArrayList<>();

    /** Takes the next picture; ten a second or more keep a fast camera in sight. */
    public void take(double seconds, GreyPicture picture) {
        waiting.add(new Seen(seconds, WallStrip.of(picture).detail()));
        if (waiting.size() == TOGETHER) {
            settle();
        }
    }

    /** The motion between all pictures taken, in order of time. */
    public List<Step> steps() {
        if (waiting.size() > (steps.isEmpty() ? 0 : 1)) {
            settle();
        }
        return List.copyOf(steps);
    }

    /** Follows the pictures that wait, and keeps the last for what comes after. */
    private void settle() {
        List<Step> rough = follow(mean(waiting));
        List<Seen> moving = new ArrayList<>();
        for (int i = 1; i < waiting.size(); i++) {
            if (rough.get(i - 1).forward() != 0) {
                moving.add(waiting.get(i));
            }
        }
        // Only while the wall moves does the mean tell what stays; else it would take the wall itself away.
        List<Step> better = moving.size() < ENOUGH ? rough : follow(mean(moving));
        if (steps.isEmpty()) {
            steps.add(new Step(waiting.getFirst().seconds(), 0, 1));
        }
        steps.addAll(better);
        Seen last = waiting.getLast();
        waiting.clear();
        waiting.add(last);
    }

    private static float[] mean(List<Seen> pictures) {
        float[] mean = new float[pictures.getFirst().cells().length];
        for (Seen seen : pictures) {
            for (int i = 0; i < mean.length; i++) {
                mean[i] += seen.cells()[i] / pictures.size();
            }
        }
        return mean;
    }

    private List<Step> follow(float[] mean) {
        double[][] matches = new double[waiting.size() - 1][];
        float[] before = taken(waiting.getFirst().cells(), mean);
        for (int i = 0; i < matches.length; i++) {
            float[] now = taken(waiting.get(i + 1).cells(), mean);
            matches[i] = matches(before, now);
            before = now;
        }
        int[] shifts = ShiftPath.likeliest(matches);
        List<Step> found = new ArrayList<>();
        for (int i = 0; i < matches.length; i++) {
            found.add(step(waiting.get(i + 1).seconds(), matches[i], shifts[i]));
        }
        return found;
    }

    private static float[] taken(float[] cells, float[] mean) {
        float[] left = new float[cells.length];
        for (int i = 0; i < cells.length; i++) {
            left[i] = cells[i] - mean[i];
        }
        return left;
    }

    /** How well two pictures agree for each way the wall may have moved between them. */
    private static double[] matches(float[] from, float[] to) {
        double[] match = new double[2 * FARTHEST + 1];
        for (int shift = -FARTHEST; shift <= FARTHEST; shift++) {
            match[shift + FARTHEST] = match(from, to, shift);
        }
        return match;
    }

    private static Step step(double seconds, double[] match, int best) {
        if (match[best] < LEAST) {
            return new Step(seconds, 0, 0);
        }
        if (best == FARTHEST) {
            return new Step(seconds, 0, Math.min(1, match[best]));
        }
        double between = 0;
        if (best > 0 && best < 2 * FARTHEST) {
            double a = match[best - 1];
            double b = match[best];
            double c = match[best + 1];
            double bend = a - 2 * b + c;
            between = bend < 0 ? Math.clamp(0.5 * (a - c) / bend, -0.5, 0.5) : 0;
        }
        return new Step(seconds, (best - FARTHEST + between) * WallStrip.step(), Math.min(1, match[best]));
    }

    /** Agreement where the camera went forward by {@code shift} samples: what was deeper has come nearer. */
    private static double match(float[] from, float[] to, int shift) {
        double product = 0;
        double squaresFrom = 1e-6;
        double squaresTo = 1e-6;
        int low = Math.max(0, -shift);
        int high = Math.min(WallStrip.ALONG, WallStrip.ALONG - shift);
        for (int sector = 0; sector < WallStrip.SECTORS; sector++) {
            int row = sector * WallStrip.ALONG;
            for (int i = low; i < high; i++) {
                float a = to[row + i];
                float b = from[row + i + shift];
                product += a * b;
                squaresTo += a * a;
                squaresFrom += b * b;
            }
        }
        return product / Math.sqrt(squaresFrom * squaresTo);
    }
}
