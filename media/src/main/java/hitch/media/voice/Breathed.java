package hitch.media.voice;

import java.util.ArrayList;
import java.util.List;

/**
 * Speech with a breath at each comma, as one gives it who looks while they speak. Where the voice paused there for less it is given the rest
 * of the breath; where it ran on it is left alone, since a cut through a sound is worse than no pause.
 */
final class Breathed {
    /** A breath, seconds. */
    static final double COMMA = 0.25;

    private static final double STEP = 0.01;
    /** Below this share of its loudest moment a step is quiet. */
    private static final float QUIET = 0.02f;
    /** The shortest quiet that is a pause; a consonant within a word can be as quiet, and is shorter. Seconds. */
    private static final double SHORTEST = 0.1;
    /** How far from where its letters put it a comma can be heard: a share of the whole, and seconds. */
    private static final double SHARE = 0.1;

    private static final double ROOM = 0.15;

    private Breathed() {}

    /** A stretch of steps in which nothing is said. */
    private record Pause(int from, int to) {
        double seconds() {
            return (to - from) * STEP;
        }

        double middle() {
            return (from + to) * STEP / 2;
        }
    }

    static float[] of(float[] sound, int rate, String text) {
        List<Double> commas = commas(text, (double) sound.length / rate);
        if (commas.isEmpty()) {
            return sound;
        }
        List<Pause> pauses = pauses(sound, rate);
        double room = SHARE * sound.length / rate + ROOM;
        List<float[]> parts = new ArrayList<>();
        int done = 0;
        int after = 0;
        for (double comma : commas) {
            int past = after;
            Pause found = pauses.stream()
                    .filter(p -> p.from() >= past && Math.abs(p.middle() - comma) <= room)
                    .max(java.util.Comparator.comparingDouble(Pause::seconds))
                    .orElse(null);
            if (found == null) {
                continue;
            }
            after = found.to();
            int cut = (int) (found.middle() * rate);
            parts.add(java.util.Arrays.copyOfRange(sound, done, cut));
            parts.add(new float[(int) Math.max(0, (COMMA - found.seconds()) * rate)]);
            done = cut;
        }
        parts.add(java.util.Arrays.copyOfRange(sound, done, sound.length));
        return Floats.joined(parts);
    }

    /** Where commas would be heard if all letters took equally long. */
    private static List<Double> commas(String text, double seconds) {
        long letters = text.chars().filter(Character::isLetterOrDigit).count();
        List<Double> at = new ArrayList<>();
        long before = 0;
        for (char c : text.toCharArray()) {
            before += Character.isLetterOrDigit(c) ? 1 : 0;
            if ((c == ',' || c == ';' || c == ':') && before < letters) {
                at.add(seconds * before / letters);
            }
        }
        return at;
    }

    private static List<Pause> pauses(float[] sound, int rate) {
        int step = (int) (STEP * rate);
        float most = 0;
        for (float s : sound) {
            most = Math.max(most, Math.abs(s));
        }
        List<Pause> pauses = new ArrayList<>();
        int from = -1;
        int steps = sound.length / step;
        for (int i = 0; i <= steps; i++) {
            boolean quiet = i < steps && peak(sound, i * step, step) < QUIET * most;
            if (quiet && from < 0) {
                from = i;
            } else if (!quiet && from >= 0) {
                if ((i - from) * STEP >= SHORTEST) {
                    pauses.add(new Pause(from, i));
                }
                from = -1;
            }
        }
        return pauses;
    }

    private static float peak(float[] sound, int from, int count) {
        float most = 0;
        for (int i = from; i < from + count; i++) {
            most = Math.max(most, Math.abs(sound[i]));
        }
        return most;
    }
}
