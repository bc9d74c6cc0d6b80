package hitch.media.voice;

import java.util.List;

/** Pieces of sound, one behind the other. */
final class Floats {
    private Floats() {}

    static float[] joined(List<float[]> parts) {
        if (parts.size() == 1) {
            return parts.getFirst();
        }
        float[] all = new float[parts.stream().mapToInt(p -> p.length).sum()];
        int at = 0;
        for (float[] part : parts) {
            System.arraycopy(part, 0, all, at, part.length);
            at += part.length;
        }
        return all;
    }
}
