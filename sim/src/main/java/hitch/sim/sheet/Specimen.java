package hitch.sim.sheet;

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
import java.util.Locale;

/**
 * A thing as a camera that stands before it sees it.
 *
 * @param label what it is
 * @param scenario a short pipe with it
 * @param second at which it is looked at
 */
public record Specimen(String label, Scenario scenario, double second) {
    /** Where the camera stands, feet. */
    private static final double STAND = 4;

    /** A pipe with nothing in it, to put things into. */
    public static Specimen pipe(Material material, int size, String look) {
        double joints = material == Material.PVC || material == Material.ABS ? 10 : 3;
        Scenario.Pipe pipe = new Scenario.Pipe(0, 16, material, size, joints, look);
        String name = size + " in " + (look.isEmpty() ? "" : look + " ")
                + material.name().toLowerCase(Locale.ROOT).replace('_', ' ');
        return new Specimen(
                name,
                ScenarioBuilder.builder()
                        .seed(11)
                        .width(640)
                        .height(480)
                        .rate(20)
                        .bitRate(600_000)
                        .pipes(List.of(pipe))
                        .clips(List.of(still(List.of())))
                        .build(),
                1);
    }

    private static Take still(List<Deed> deeds) {
        return new Take(
                "still.mp4",
                "",
                "run",
                "main",
                List.of(new Take.Stand(0, STAND), new Take.Stand(2, STAND)),
                deeds,
                List.of(),
                List.of());
    }

    /** A thing so far before the lens. */
    public Specimen ahead(Kind kind, double feet, double clock, double amount, String sort) {
        return along(kind, feet, feet, clock, amount, sort);
    }

    /** A thing from so far to so far before the lens. */
    public Specimen along(Kind kind, double from, double to, double clock, double amount, String sort) {
        List<Thing> things = new ArrayList<>(scenario.things());
        things.add(new Thing(kind, STAND + from, STAND + to, clock, amount, sort, List.of()));
        String name = kind.word() + ", " + sort + (amount > 0 ? " " + amount : "");
        return new Specimen(things.size() == 1 ? name : label, scenario.withThings(things), second);
    }

    public Specimen called(String name) {
        return new Specimen(name, scenario, second);
    }

    /** With something that happens meanwhile. */
    public Specimen meanwhile(Act act, double amount) {
        return taken(
                        still(List.of(new Deed(act, -10, act == Act.FLUSH ? 30 : Double.POSITIVE_INFINITY, amount))),
                        second)
                .called(act.name().toLowerCase(Locale.ROOT) + " " + amount);
    }

    /** Seen at a second of another take. */
    public Specimen taken(Take take, double at) {
        return new Specimen(label, scenario.withClips(List.of(take)).withPhotos(List.of()), at);
    }

    /** A take from one place to another, in feet, within so many seconds. */
    public static Take push(String toward, double from, double to, double seconds, Deed... deeds) {
        return new Take(
                "push.mp4",
                "",
                "run",
                toward,
                List.of(new Take.Stand(0, from), new Take.Stand(seconds, to)),
                List.of(deeds),
                List.of(),
                List.of());
    }
}
