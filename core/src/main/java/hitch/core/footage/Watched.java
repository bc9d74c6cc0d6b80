package hitch.core.footage;

import java.util.List;

/**
 * What a look through a clip tells of how well it shows the pipe.
 *
 * @param stretches seen badly, or with the camera standing; in order of time
 * @param glances measures in order of time, some a second; none where only the stretches are known
 * @param usualDetail what a sharp picture of this clip measures, as {@link Glance#detail}; 0 where it is not known
 * @param writing what is written on its pictures beside the counter
 */
public record Watched(List<Stretch> stretches, List<Glance> glances, float usualDetail, List<Writing> writing) {
    public static final Watched NOTHING = of(List.of());

    public Watched {
        stretches = List.copyOf(stretches);
        glances = List.copyOf(glances);
        writing = List.copyOf(writing);
    }

    /** Of stretches alone. */
    public static Watched of(List<Stretch> stretches) {
        return new Watched(stretches, List.of(), 0, List.of());
    }

    /** Whether what lies at a moment counts as not seen. */
    public boolean isHidden(long pts) {
        return stretches.stream().anyMatch(s -> s.reason().hides() && s.covers(pts));
    }

    /**
     * How sharp the picture is at a moment, against the clip's own sharp pictures: 0 for an even grey, 1 for as sharp as
     * usual or sharper, or where it was not measured. The glance nearest in time tells.
     */
    public double sharpness(long pts) {
        if (glances.isEmpty() || usualDetail <= 0) {
            return 1;
        }
        int low = 0;
        int high = glances.size() - 1;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (glances.get(middle).pts() < pts) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        boolean before = low > 0
                && pts - glances.get(low - 1).pts() <= Math.abs(glances.get(low).pts() - pts);
        return Math.min(1, glances.get(before ? low - 1 : low).detail() / usualDetail);
    }
}
