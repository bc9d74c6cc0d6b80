package hitch.sim;

import hitch.core.pipe.Material;
import java.util.List;
import java.util.Map;

/**
 * A made-up visit, as its YAML file says it. Stations are feet from the opening, with the flow positive; clock hours are
 * as seen looking with the flow.
 *
 * @param seed decides everything that is left to chance
 * @param width picture width, pixels, even
 * @param height picture height, pixels, even
 * @param rate frames a second
 * @param bitRate picture bits a second
 * @param stamp words burned into the top of the picture
 * @param visit what is known of the property
 * @param ground rise of the ground in percent, going with the flow
 * @param pipes the pipe from the building to the main, in order, without gaps
 * @param features what is in it
 * @param clips what was recorded
 * @param photos what was photographed above ground
 */
public record Scenario(
        long seed,
        int width,
        int height,
        int rate,
        int bitRate,
        String stamp,
        Visit visit,
        double ground,
        List<Pipe> pipes,
        List<Feature> features,
        List<Take> clips,
        List<Photo> photos) {

    public Scenario {
        photos = photos == null ? List.of() : List.copyOf(photos);
    }

    /** How many notes were typed in all. */
    public int notes() {
        return clips.stream().mapToInt(c -> c.notes().size()).sum();
    }

    /**
     * A photograph, taken on the way that a take above ground walks.
     *
     * @param file its name
     * @param on file of that take
     * @param t when, seconds into it
     * @param mark words of the note about what it shows
     */
    public record Photo(String file, String on, double t, String mark) {}

    /**
     * The property and the people, all invented.
     *
     * @param more what else is known of the visit, a text by the key of its detail
     */
    public record Visit(
            String property,
            String town,
            String client,
            String date,
            String reviewer,
            String firm,
            String opening,
            String place,
            String examined,
            List<String> notExamined,
            Map<String, String> more) {
        public Visit {
            more = more == null ? Map.of() : Map.copyOf(more);
        }
    }

    /**
     * A length of pipe.
     *
     * @param joints feet between its joints
     */
    public record Pipe(double from, double to, Material material, int size, double joints) {}

    /**
     * Something in the pipe.
     *
     * @param kind {@code roots, offset, water, tie-in, scale, debris, main, boundary}
     * @param at station where it is or begins
     * @param to station where it ends; 0 for a point
     * @param clock hour round the pipe
     * @param amount how much: share of the bore for roots, inches for an offset, share of the height for water
     */
    public record Feature(String kind, double at, double to, int clock, double amount) {}

    /**
     * One recording.
     *
     * @param file its file name
     * @param started when it was started, ISO local time
     * @param run name of the run; empty above ground
     * @param toward {@code main} or {@code building}; empty above ground
     * @param path where the head is: seconds and feet of cable, eased between
     * @param says what the technician says and when
     * @param notes what a reviewer notes at which second; used to make the demo job
     */
    public record Take(
            String file,
            String started,
            String run,
            String toward,
            List<Stand> path,
            List<Line> says,
            List<Line> notes) {
        public boolean aboveGround() {
            return toward == null || toward.isBlank();
        }

        /** +1 toward the main, -1 toward the building. */
        public int sign() {
            return "building".equals(toward) ? -1 : 1;
        }

        public double seconds() {
            return path.getLast().t();
        }
    }

    /** The head has {@code ft} feet of cable behind it at second {@code t}. */
    public record Stand(double t, double ft) {}

    /** Words at a second of a take. */
    public record Line(double t, String text) {}

    /** The pipe at a station; the nearest one outside the line. */
    public Pipe pipeAt(double station) {
        for (Pipe pipe : pipes) {
            if (station < pipe.to()) {
                return pipe;
            }
        }
        return pipes.getLast();
    }
}
