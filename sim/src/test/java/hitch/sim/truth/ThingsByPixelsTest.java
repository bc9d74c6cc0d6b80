package hitch.sim.truth;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.pipe.Material;
import hitch.sim.TestPipe;
import hitch.sim.pipe.Bore;
import hitch.sim.pipe.Skin;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import hitch.sim.view.CameraPath;
import hitch.sim.view.Frames;
import hitch.sim.view.Lens;
import hitch.sim.view.PipeView;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Every thing in two materials: where its truth says it is the picture is another one, and nearer than that nothing has changed. */
class ThingsByPixelsTest {
    private static final int WIDE = 120;
    private static final int HIGH = 90;
    private static final double STAND = 1.6;
    private static final double LENGTH = 5;
    /** A pixel is another one when its light differs by this share. */
    private static final float OTHER = 0.07f;

    /** Light that passes by a bend meets the wall before it a hair elsewhere, and so another grain of it. */
    private static final float QUITE_OTHER = 0.25f;

    private record Seen(float[] rgb, float[] depth) {}

    private static final Map<Material, Seen> EMPTY = new EnumMap<>(Material.class);

    static Stream<Arguments> things() {
        List<Arguments> all = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            for (String sort : kind.sorts()) {
                if (kind != Kind.BOUNDARY && kind != Kind.VENT && kind != Kind.MAIN) {
                    all.add(Arguments.of(kind, sort, kind.ordinal() % 2 == 0 ? Material.CLAY : Material.TAR_FIBRE));
                    all.add(Arguments.of(kind, sort, kind == Kind.SCALE ? Material.CAST_IRON : Material.PVC));
                }
            }
        }
        return all.stream();
    }

    private static Thing thing(Kind kind, String sort) {
        double at = STAND + (kind == Kind.SAG || kind == Kind.FLOW ? 0.1 : 0.7);
        double to = kind.isStretch() ? at + 1.8 : at;
        // Water that is held stands before what holds it.
        double from = sort.equals("held") ? STAND - 1.5 : at;
        double clock = kind == Kind.TIE_IN || kind == Kind.BREAK || kind == Kind.HOLE ? 3 : 12;
        double amount = kind == Kind.DEFORMATION ? 0.45 : kind.usual();
        return new Thing(kind, from, sort.equals("held") ? at + 0.6 : to, clock, amount, sort, List.of());
    }

    private static Scenario pipe(Material material, List<Thing> things) {
        Take take = new Take(
                "t.mp4",
                "",
                "run",
                "main",
                List.of(new Take.Stand(0, STAND), new Take.Stand(2, STAND)),
                null,
                null,
                null);
        return TestPipe.of(new Scenario.Pipe(0, LENGTH, material, 4, 20, ""), List.of(take))
                .withSeed(7)
                .withThings(things)
                .withWidth(640)
                .withHeight(480);
    }

    private static Seen see(Scenario scenario, Bore bore, Skin skin) {
        Take take = scenario.clips().getFirst();
        Seen seen = new Seen(new float[WIDE * HIGH * 3], new float[WIDE * HIGH]);
        new PipeView(scenario, bore, skin, take)
                .draw(new CameraPath(scenario, take).lens(bore, 1), 1, WIDE, HIGH, seen.rgb(), seen.depth());
        return seen;
    }

    private static synchronized Seen empty(Material material) {
        return EMPTY.computeIfAbsent(material, m -> {
            Scenario scenario = pipe(m, List.of());
            Bore bore = new Bore(scenario);
            return see(scenario, bore, new Skin(scenario, bore, List.of()));
        });
    }

    private static boolean differs(Seen a, Seen b, int pixel, float share) {
        float sum = 0;
        float off = 0;
        for (int i = pixel * 3; i < pixel * 3 + 3; i++) {
            sum += a.rgb()[i] + b.rgb()[i];
            off += Math.abs(a.rgb()[i] - b.rgb()[i]);
        }
        return off > share * sum + 1e-4f;
    }

    /** Pixels that show places of the thing, and how near its nearest place is. */
    private static float region(Scenario scenario, Bore bore, Skin skin, Thing thing, boolean[] in) {
        Lens lens = new CameraPath(scenario, scenario.clips().getFirst()).lens(bore, 1);
        Frames frames = new Frames(bore, lens);
        float nearest = 99;
        float[] at = new float[3];
        float[] axis = new float[2];
        for (float[] p : new Footprint(scenario, bore, skin).of(thing, 0)) {
            bore.axis(p[2], axis);
            frames.place(p[0] + axis[0], p[1] + axis[1], p[2], at, 0);
            if (lens.project(at[0], at[1], at[2], WIDE, HIGH, at)) {
                nearest = Math.min(nearest, at[2]);
                for (int k = 0; k < 9; k++) {
                    int x = (int) at[0] + k % 3 - 1;
                    int y = (int) at[1] + k / 3 - 1;
                    if (x >= 0 && y >= 0 && x < WIDE && y < HIGH) {
                        in[y * WIDE + x] = true;
                    }
                }
            }
        }
        return nearest;
    }

    @ParameterizedTest(name = "{0}, {1}, in {2}")
    @MethodSource("things")
    void isWhereItIsAndNowhereElse(Kind kind, String sort, Material material) {
        Thing thing = thing(kind, sort);
        Scenario scenario = pipe(material, List.of(thing));
        Bore bore = new Bore(scenario);
        Skin skin = new Skin(scenario, bore, scenario.things());
        Seen with = see(scenario, bore, skin);
        Seen without = empty(material);
        boolean[] region = new boolean[WIDE * HIGH];
        float nearest = region(scenario, bore, skin, thing, region);
        int changed = 0;
        int before = 0;
        int all = 0;
        for (int i = 0; i < region.length; i++) {
            boolean other = differs(with, without, i, OTHER);
            all += other ? 1 : 0;
            changed += other && region[i] ? 1 : 0;
            before += differs(with, without, i, QUITE_OTHER)
                            && Math.min(with.depth()[i], without.depth()[i]) < nearest - 0.16f
                    ? 1
                    : 0;
        }
        assertThat(changed).as("pixels of %s that show it", thing.name()).isGreaterThan(8);
        assertThat((double) before / all).as("changed before it").isLessThan(0.04);
    }

    private static Seen see(Scenario scenario, Take take) {
        Bore bore = new Bore(scenario);
        Seen seen = new Seen(new float[WIDE * HIGH * 3], new float[WIDE * HIGH]);
        new PipeView(scenario, bore, new Skin(scenario, bore, scenario.things()), take)
                .draw(new CameraPath(scenario, take).lens(bore, 1), 1, WIDE, HIGH, seen.rgb(), seen.depth());
        return seen;
    }

    private static Take stand(String toward, double at) {
        return new Take(
                "s.mp4", "", "run", toward, List.of(new Take.Stand(0, at), new Take.Stand(2, at)), null, null, null);
    }

    private static float light(Seen seen, int x, int y) {
        return seen.rgb()[(y * WIDE + x) * 3 + 1];
    }

    @Test
    void daylightFallsInWhereTheLineEnds() {
        Scenario vent = pipe(Material.PVC, List.of(Thing.at(Kind.VENT, 0, 12, 0, "daylight")));
        Take up = stand("building", -1);
        Seen day = see(vent, up);
        Seen dark = see(pipe(Material.PVC, List.of()), up);
        float most = 0;
        for (int i = 0; i < day.rgb().length; i++) {
            most = Math.max(most, day.rgb()[i]);
        }
        assertThat(most).isGreaterThan(1);
        assertThat(light(day, 4, HIGH / 2)).as("the wall about it is lit").isGreaterThan(light(dark, 4, HIGH / 2));
    }

    @Test
    void theMainLiesAcrossTheEndAndTheHeadGoesAlongIt() {
        Scenario main = pipe(Material.PVC, List.of(Thing.at(Kind.MAIN, LENGTH, 3, 10, "concrete")));
        Seen before = see(main, stand("main", LENGTH - 0.6));
        assertThat(before.depth()[HIGH / 2 * WIDE + WIDE / 2])
                .as("its far wall")
                .isBetween(0.7f, 1.9f);
        Seen along = see(main, stand("main", LENGTH + 2));
        assertThat(along.depth()[HIGH / 2 * WIDE + WIDE / 2])
                .as("down the main")
                .isGreaterThan(3);
    }
}
