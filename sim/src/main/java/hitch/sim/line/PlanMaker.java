package hitch.sim.line;

import hitch.core.pipe.Material;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Makes up lines: materials and sizes that change, branches, things in the pipe, and the trips of a camera. */
public final class PlanMaker {
    private static final Material[] MATERIALS = {
        Material.CLAY, Material.CAST_IRON, Material.PVC, Material.CONCRETE, Material.ABS, Material.TAR_FIBRE
    };
    private static final String[] BRANCHES = {"kitchen", "laundry"};
    /** What a person can tell apart: two alike nearer than this are one to the eye. */
    private static final double ALIKE_APART = 4;

    private static final double APART = 0.8;

    private final int number;
    private final Random random;
    private final List<LinePlan.Thing> things = new ArrayList<>();

    private PlanMaker(int number) {
        this.number = number;
        this.random = new Random(9_000 + number);
    }

    public static LinePlan make(int number) {
        return new PlanMaker(number).make();
    }

    private LinePlan make() {
        double upper = -between(14, 40);
        double main = between(45, 95);
        List<LinePlan.Pipe> pipes = new ArrayList<>();
        pipes.add(pipe("", upper, main, 2 + random.nextInt(3)));
        add(new LinePlan.Thing("", main, "main connection", "main connection"));
        int branches = number % 3;
        for (int i = 0; i < branches; i++) {
            double join = i == 0 ? between(upper + 5, -4) : between(6, main - 20);
            pipes.add(branch(BRANCHES[i], join, pipes.getFirst()));
        }
        for (LinePlan.Pipe pipe : pipes) {
            fill(pipe, (int) ((pipe.to() - pipe.from()) / 5));
        }
        List<LinePlan.Trip> trips = trips(pipes);
        for (LinePlan.Trip trip : trips) {
            // Whoever pulls the camera back says so when it is at the opening again.
            String pipe = trip.start() == 0 ? "" : trip.branch();
            boolean told = things.stream().anyMatch(t -> t.at() == trip.start());
            if (!told) {
                add(new LinePlan.Thing(pipe, trip.start(), "opening, the cleanout", "opening, the cleanout"));
            }
        }
        return new LinePlan(number, pipes, List.copyOf(things), trips);
    }

    /** A branch; whoever goes past its join notes that the pipe becomes another. */
    private LinePlan.Pipe branch(String name, double join, LinePlan.Pipe line) {
        add(new LinePlan.Thing("", join, "tie-in, the " + name, "tie-in, the " + name));
        LinePlan.Pipe pipe = pipe(name, join - between(12, 30), join, 1 + random.nextInt(2));
        String own = pipe.spans().getLast().words();
        String next = line.spans().stream()
                .filter(s -> join <= s.to())
                .findFirst()
                .orElseThrow()
                .words();
        add(new LinePlan.Thing(name, join - 0.01, own + " to " + next, next + " to " + own));
        return pipe;
    }

    private LinePlan.Pipe pipe(String name, double from, double to, int count) {
        List<LinePlan.Span> spans = new ArrayList<>();
        double at = from;
        for (int i = 0; i < count; i++) {
            double end = i == count - 1 ? to : from + (to - from) * (i + between(0.75, 1.25)) / count;
            Material material = MATERIALS[random.nextInt(MATERIALS.length)];
            while (i > 0 && material == spans.getLast().material()) {
                material = MATERIALS[random.nextInt(MATERIALS.length)];
            }
            LinePlan.Span span = new LinePlan.Span(at, end, material, name.isEmpty() ? 4 + 2 * random.nextInt(2) : 3);
            if (i > 0) {
                LinePlan.Span before = spans.getLast();
                add(new LinePlan.Thing(
                        name, at, before.words() + " to " + span.words(), span.words() + " to " + before.words()));
            }
            spans.add(span);
            at = end;
        }
        return new LinePlan.Pipe(name, from, to, List.copyOf(spans));
    }

    private void fill(LinePlan.Pipe pipe, int count) {
        String[][] sorts = {
            {"roots top heavy", "roots top heavy"},
            {"roots left light", "roots right light"},
            {"offset 1/2 in right", "offset 1/2 in left"},
            {"crack top", "crack top"},
            {"bend 45 degrees", "bend 45 degrees"},
            {"coupling", "coupling"},
            {"hole left", "hole right"},
            {"break bottom", "break bottom"}
        };
        for (int i = 0; i < count; i++) {
            String[] words = sorts[random.nextInt(sorts.length)];
            double at = between(pipe.from() + 1.5, pipe.to() - 1.5);
            boolean clear = things.stream()
                    .filter(t -> t.branch().equals(pipe.name()))
                    .noneMatch(
                            t -> Math.abs(t.at() - at) < (kind(t.with()).equals(kind(words[0])) ? ALIKE_APART : APART));
            if (clear) {
                add(new LinePlan.Thing(pipe.name(), at, words[0], words[1]));
            }
        }
    }

    private static String kind(String words) {
        return words.split(" ")[0];
    }

    private void add(LinePlan.Thing thing) {
        things.add(thing);
    }

    private List<LinePlan.Trip> trips(List<LinePlan.Pipe> pipes) {
        LinePlan.Pipe line = pipes.getFirst();
        List<LinePlan.Trip> trips = new ArrayList<>();
        boolean overlapping = number % 2 == 1;
        boolean gap = number % 5 == 0;
        boolean slips = number % 4 == 1;
        double street = gap ? line.to() * between(0.4, 0.55) : line.to();
        trips.add(trip("street run", "", 0, false, 1, street, slips));
        trips.add(trip("building run", "", 0, false, -1, -line.from() - 0.5, false));
        if (overlapping || gap) {
            // Up the line: from the main itself, stopped before the gap, or from an opening, over what the street run
            // saw.
            double start = gap ? line.to() : line.to() - between(1, 4);
            double reach = gap ? start - street - between(4, 8) : between(0.6, 0.95) * start;
            trips.add(trip("upward run", "", start, !gap, -1, reach, false));
        }
        for (LinePlan.Pipe branch : pipes.subList(1, pipes.size())) {
            boolean inward = branch.to() < 0 && number % 2 == 0;
            if (inward) {
                trips.add(trip(branch.name() + " run", branch.name(), 0, false, -1, -branch.from() - 0.4, false));
            } else {
                double past = Math.min(branch.to() + between(18, 26), line.to() - 0.3);
                trips.add(trip(
                        branch.name() + " run", branch.name(), branch.from(), true, 1, past - branch.from(), false));
            }
        }
        return trips;
    }

    private LinePlan.Trip trip(
            String name, String branch, double start, boolean tied, int sign, double reach, boolean slips) {
        double lip = random.nextInt(3) == 0 ? Math.round(between(0.5, 4) * 10) / 10.0 : 0;
        double zeroAt = random.nextInt(3) == 0 ? reach * between(0.3, 0.7) : 0;
        double seconds = reach / LinePlan.Trip.OUT_SPEED;
        List<double[]> dark = new ArrayList<>();
        for (int i = random.nextInt(3); i > 0; i--) {
            double from = between(0, 2.2 * seconds);
            dark.add(new double[] {from, from + between(4, 14)});
        }
        return new LinePlan.Trip(
                name,
                branch,
                start,
                tied ? start + between(-5, 5) : start,
                tied,
                sign,
                reach,
                lip,
                zeroAt,
                slips ? seconds * between(0.35, 0.7) : 0,
                slips ? between(0.8, 1.6) : 0,
                random.nextBoolean(),
                List.copyOf(dark));
    }

    private double between(double low, double high) {
        return low + random.nextDouble() * (high - low);
    }
}
