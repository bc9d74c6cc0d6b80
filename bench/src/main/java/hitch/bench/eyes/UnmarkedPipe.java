package hitch.bench.eyes;

import hitch.core.pipe.Material;
import hitch.sim.scene.Act;
import hitch.sim.scene.Deed;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.ScenarioBuilder;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Made-up pipe and one trip along it, all by chance: material, bore, lengths, water, what is in it and how the camera is held. */
final class UnmarkedPipe {
    /** Where the trip begins and ends, feet. */
    static final double FROM = 1;

    static final double TO = 42;

    private static final double FEET_A_SECOND = 0.5;
    private static final int RATE = 10;
    private static final double PIPE_ENDS = 70;
    /** The first thing lies so far in, and the next so far behind where one ends, feet. */
    private static final double FIRST = 5;

    private static final double NEXT = 7;
    private static final double NEXT_MORE = 8;

    private static final List<Material> PIPES = List.of(
            Material.CLAY, Material.PVC, Material.CAST_IRON, Material.CONCRETE, Material.TAR_FIBRE, Material.ABS);

    /** A sort of thing: from how much to how much of it, and along how many feet. */
    private record Sort(Kind kind, String sort, double least, double most, double along) {}

    private static final List<Sort> SORTS = List.of(
            new Sort(Kind.CRACK, "along", 0.08, 0.2, 0),
            new Sort(Kind.CRACK, "round", 0.08, 0.2, 0),
            new Sort(Kind.CRACK, "branching", 0.1, 0.25, 0),
            new Sort(Kind.BREAK, "missing", 2, 3.2, 0),
            new Sort(Kind.BREAK, "fallen", 2, 3.2, 0),
            new Sort(Kind.HOLE, "soil", 1, 2.5, 0),
            new Sort(Kind.HOLE, "void", 1, 2.5, 0),
            new Sort(Kind.GAP, "open", 0.6, 1.5, 0),
            new Sort(Kind.GAP, "soil", 0.6, 1.5, 0),
            new Sort(Kind.OFFSET, "bare", 0.35, 1, 0),
            new Sort(Kind.OFFSET, "catching", 0.5, 1, 0),
            new Sort(Kind.SOIL, "washed in", 0.12, 0.3, 0),
            new Sort(Kind.DEFORMATION, "smooth", 0.25, 0.5, 2),
            new Sort(Kind.DEFORMATION, "sharp", 0.25, 0.5, 1.2),
            new Sort(Kind.BLISTER, "closed", 0.15, 0.3, 0),
            new Sort(Kind.BLISTER, "burst", 0.15, 0.3, 0),
            new Sort(Kind.LIME, "streak", 0.5, 0.9, 0),
            new Sort(Kind.LIME, "crust", 0.4, 0.9, 0),
            new Sort(Kind.GREASE, "walls", 0.1, 0.3, 3),
            new Sort(Kind.SLUDGE, "grey", 0.08, 0.2, 3),
            new Sort(Kind.SLUDGE, "black", 0.08, 0.2, 4),
            new Sort(Kind.PAPER, "clump", 0.1, 0.4, 0),
            new Sort(Kind.WIPES, "caught", 0.1, 0.4, 0),
            new Sort(Kind.DEBRIS, "gravel", 0.05, 0.12, 0),
            new Sort(Kind.DEBRIS, "shards", 0.05, 0.12, 0),
            new Sort(Kind.ROOTS, "hair", 0.08, 0.3, 0),
            new Sort(Kind.ROOTS, "clump", 0.15, 0.5, 0),
            new Sort(Kind.ROOTS, "mass", 0.3, 0.8, 0),
            new Sort(Kind.ROOTS, "hangers", 0.06, 0.15, 0),
            new Sort(Kind.REPAIR, "mortar", 0.3, 0.7, 0),
            new Sort(Kind.REPAIR, "sheet", 0.3, 0.7, 0),
            new Sort(Kind.COUPLING, "banded", 0, 0, 0),
            new Sort(Kind.COUPLING, "hub", 0, 0, 0),
            new Sort(Kind.TIE_IN, "sealed", 2, 3.2, 0),
            new Sort(Kind.TIE_IN, "leaking", 2, 3, 0),
            new Sort(Kind.TIE_IN, "broken in", 2, 3, 0),
            new Sort(Kind.SEEP, "wet", 0.4, 0.8, 0),
            new Sort(Kind.SAG, "belly", 0.15, 0.5, 5),
            new Sort(Kind.SCALE, "rust", 0.4, 0.9, 3),
            new Sort(Kind.BEND, "right", 22, 45, 0.6),
            new Sort(Kind.BEND, "left", 22, 45, 0.6),
            new Sort(Kind.LINER, "smooth", 0, 0, 6));

    private UnmarkedPipe() {}

    /** @param clean whether there is nothing in it but joints, and perhaps running water */
    static Scenario of(Random random, boolean clean) {
        Material material = PIPES.get(random.nextInt(PIPES.size()));
        int size = random.nextBoolean() ? 4 : 6;
        double length = length(material, random);
        List<Thing> things = new ArrayList<>();
        if (random.nextInt(3) == 0) {
            things.add(
                    new Thing(Kind.FLOW, -2, PIPE_ENDS, 12, 0.05 + 0.08 * random.nextDouble(), "running", List.of()));
        }
        double at = clean ? TO : FIRST + 2 * random.nextDouble();
        while (at < TO - 4) {
            Thing thing = thing(random, at, length);
            things.add(thing);
            at = Math.max(at, thing.at()) + thing.to() - thing.at() + NEXT + NEXT_MORE * random.nextDouble();
        }
        double seconds = (TO - FROM) / FEET_A_SECOND;
        Take take = new Take(
                "run.mp4",
                "",
                "run",
                "main",
                List.of(new Take.Stand(0, FROM), new Take.Stand(seconds, TO)),
                List.of(
                        new Deed(Act.ROLL, -10, -9, random.nextGaussian() * 5),
                        new Deed(Act.FOG, -10, Double.POSITIVE_INFINITY, Math.max(0, random.nextGaussian() * 0.08))),
                List.of(),
                List.of());
        return ScenarioBuilder.builder()
                .seed(random.nextInt(100_000))
                .width(640)
                .height(480)
                .rate(RATE)
                .bitRate(900_000)
                .pipes(List.of(new Scenario.Pipe(0, PIPE_ENDS, material, size, length, "")))
                .things(things)
                .clips(List.of(take))
                .build();
    }

    private static double length(Material material, Random random) {
        return switch (material) {
            case CAST_IRON -> 5;
            case PVC, ABS, TAR_FIBRE -> 8 + 2 * random.nextInt(2);
            default -> 2 + 0.5 * random.nextInt(5);
        };
    }

    /** Steps and gaps are at joints, roots mostly. */
    private static Thing thing(Random random, double from, double length) {
        Sort sort = SORTS.get(random.nextInt(SORTS.size()));
        boolean jointed = sort.kind() == Kind.OFFSET
                || sort.kind() == Kind.GAP
                || sort.kind() == Kind.ROOTS && random.nextInt(3) > 0;
        double at = jointed ? Math.max(length, Math.round(from / length) * length) : from;
        return new Thing(
                sort.kind(),
                at,
                at + sort.along(),
                1 + random.nextInt(12),
                sort.least() + (sort.most() - sort.least()) * random.nextDouble(),
                sort.sort(),
                List.of());
    }
}
