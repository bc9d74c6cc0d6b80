package hitch.sim.scene;

import hitch.core.pipe.Material;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.Optional;

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
 * @param counter how the counter is burned in
 * @param visit what is known of the property
 * @param ground rise of the ground in percent, going with the flow
 * @param pipes the pipe from the building to the main, in order, without gaps
 * @param things what is in it
 * @param above what lies above ground
 * @param branches pipes that join it
 * @param clips what was recorded
 * @param photos what was photographed above ground
 */
@RecordBuilder
public record Scenario(
        long seed,
        int width,
        int height,
        int rate,
        int bitRate,
        String stamp,
        Counter counter,
        Visit visit,
        double ground,
        List<Pipe> pipes,
        List<Thing> things,
        List<Mark> above,
        List<Branch> branches,
        List<Take> clips,
        List<Photo> photos)
        implements ScenarioBuilder.With {

    public Scenario {
        requireOf(pipes, "pipes");
        requireOf(clips, "clips");
        for (int i = 1; i < pipes.size(); i++) {
            if (Math.abs(pipes.get(i).from() - pipes.get(i - 1).to()) > 1e-6) {
                throw new IllegalArgumentException(
                        "the pipe from " + pipes.get(i).from()
                                + " does not begin where the one before it ends, at "
                                + pipes.get(i - 1).to());
            }
        }
        requireSize(width, height, rate);
        counter = counter == null ? Counter.USUAL : counter;
        stamp = stamp == null ? "" : stamp;
        pipes = List.copyOf(pipes);
        things = things == null ? List.of() : List.copyOf(things);
        above = above == null ? List.of() : List.copyOf(above);
        branches = branches == null ? List.of() : List.copyOf(branches);
        clips = List.copyOf(clips);
        for (Take take : clips) {
            if (!take.branch().isEmpty()
                    && branches.stream().noneMatch(b -> b.name().equals(take.branch()))) {
                throw new IllegalArgumentException(
                        take.file() + " was recorded in \"" + take.branch() + "\", which is no branch of this line");
            }
        }
        photos = photos == null ? List.of() : List.copyOf(photos);
        for (Thing thing : things) {
            for (String file : thing.only()) {
                if (clips.stream().noneMatch(c -> c.file().equals(file))) {
                    throw new IllegalArgumentException(thing.name() + " is only on " + file + ", which is no clip");
                }
            }
        }
    }

    private static void requireOf(List<?> list, String name) {
        if (list == null || list.isEmpty()) {
            throw new IllegalArgumentException("a scenario needs " + name);
        }
    }

    private static void requireSize(int width, int height, int rate) {
        if (width < 64 || height < 48 || width > 1920 || height > 1080 || width % 2 + height % 2 > 0) {
            throw new IllegalArgumentException("a picture of " + width + " x " + height
                    + " cannot be recorded: both are even, from 64 x 48 to 1920 x 1080");
        }
        if (rate < 1 || rate > 60) {
            throw new IllegalArgumentException("rate is frames a second, 1 to 60, not " + rate);
        }
    }

    /** How many notes were typed in all. */
    public int notes() {
        return clips.stream().mapToInt(c -> c.notes().size()).sum();
    }

    /**
     * How a counter is burned in.
     *
     * @param face which typeface of the simulator's
     * @param form how the number is written
     * @param tall height of its digits against the picture's
     * @param right whether it stands on the right
     * @param top whether it stands at the top
     * @param boxed whether a box lies behind it
     */
    public record Counter(String face, String form, double tall, boolean right, boolean top, boolean boxed) {
        static final Counter USUAL = new Counter("TECHNICAL", "FEET", 0.05, true, false, false);
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
     * Something above ground.
     *
     * @param what {@code cleanout, paint, stake, street, walk, tree}
     * @param x feet to the right of the line, seen from the opening toward the main
     * @param z feet from the opening, toward the main
     * @param to feet at which it ends, if it lies along the way
     */
    public record Mark(String what, double x, double z, double to) {}

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
            notExamined = notExamined == null ? List.of() : List.copyOf(notExamined);
            more = more == null ? Map.of() : Map.copyOf(more);
        }
    }

    /**
     * A pipe that joins the line. Its own stations begin at its opening and rise with the flow.
     *
     * @param name what people call it
     * @param at station of the line where it joins
     * @param opening what it was entered by
     * @param place where that is
     */
    public record Branch(String name, double at, String opening, String place, List<Pipe> pipes, List<Thing> things) {
        public Branch {
            requireOf(pipes, "pipes for its branch " + name);
            pipes = List.copyOf(pipes);
            things = things == null ? List.of() : List.copyOf(things);
        }

        /** How long it is, feet. */
        public double length() {
            return pipes.getLast().to() - pipes.getFirst().from();
        }
    }

    /**
     * A length of pipe.
     *
     * @param size bore, inches, 2 to 12
     * @param joints feet between its joints
     * @param look which look of its material: its colour, or how worn it is; empty for the usual one
     */
    public record Pipe(double from, double to, Material material, int size, double joints, String look) {
        public Pipe {
            if (to <= from) {
                throw new IllegalArgumentException("the pipe from " + from + " ends at " + to);
            }
            if (size < 2 || size > 12) {
                throw new IllegalArgumentException("size is the bore in inches, 2 to 12, not " + size);
            }
            if (material == null) {
                throw new IllegalArgumentException("a pipe needs its material");
            }
            joints = joints <= 0 ? 10 : joints;
            look = look == null ? "" : look;
        }
    }

    /** The pipe at a station; the nearest one outside the line. */
    public Pipe pipeAt(double station) {
        for (Pipe pipe : pipes) {
            if (station < pipe.to()) {
                return pipe;
            }
        }
        return pipes.getLast();
    }

    /** The things of a kind, in order. */
    public List<Thing> things(Kind kind) {
        return things.stream().filter(t -> t.kind() == kind).toList();
    }

    /** The pipe that a take was recorded in, as a line of its own: the line, or a branch. */
    public Scenario pipeOf(Take take) {
        return branch(take)
                .map(b -> withPipes(b.pipes()).withThings(b.things()))
                .orElse(this);
    }

    /** The branch that a take was recorded in. */
    public Optional<Branch> branch(Take take) {
        return branches.stream().filter(b -> b.name().equals(take.branch())).findFirst();
    }
}
