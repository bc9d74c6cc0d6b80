package hitch.sim.body;

import hitch.sim.scene.Thing;
import java.util.List;

/**
 * Something that stands in the bore, apart from the wall.
 *
 * @param thing what it is
 * @param strands its roots or threads
 * @param sheets its cloth, crusts and lumps
 */
public record Body(Thing thing, List<Strand> strands, List<Sheet> sheets) {
    /**
     * A thread: points of three floats, right and up from the middle of the pipe as seen with the flow, and along it from the thing's
     * station.
     *
     * @param thick feet, where it begins
     */
    public record Strand(float[] points, float thick, float[] colour) {}

    /**
     * A grid of points, row by row, joined to a skin.
     *
     * @param points as of a strand
     * @param tone brightness at each point, about 1
     * @param columns points in a row
     * @param wet how much it shines, 0 to 1
     */
    public record Sheet(float[] points, float[] tone, int columns, float[] colour, float wet) {}
}
