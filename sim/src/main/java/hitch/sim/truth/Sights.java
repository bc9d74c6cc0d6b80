package hitch.sim.truth;

import hitch.sim.pipe.Bore;
import hitch.sim.pipe.Skin;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import hitch.sim.view.CameraPath;
import hitch.sim.view.Frames;
import hitch.sim.view.Head;
import hitch.sim.view.Lens;
import hitch.sim.view.PipeView;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Tells what of a take's things a lens can see: places of a thing that lie in the picture, near enough, with nothing before them. */
final class Sights {
    private static final int WIDE = 128;
    private static final int HIGH = 96;
    /** Farther than this the light is too weak to tell anything, feet. */
    private static final double FAR = 3.2;
    /** So much nearer may something be and still be the thing itself, feet. */
    private static final float SELF = 0.12f;
    /** A thing is seen when so many pixels of the small picture show it. */
    private static final int ENOUGH = 2;

    private final Bore bore;
    private final CameraPath path;
    private final PipeView view;
    private final Footprint footprint;
    private final Head head;
    private final List<Thing> things;
    private final Map<String, List<float[]>> places = new HashMap<>();

    Sights(Scenario scenario, Take take, Bore bore, Skin skin) {
        this.bore = bore;
        this.path = new CameraPath(scenario, take);
        this.view = new PipeView(scenario, bore, skin, take);
        this.footprint = new Footprint(scenario, bore, skin);
        this.head = new Head(scenario, take);
        this.things = scenario.things().stream()
                .filter(t -> t.isOn(take) && !t.is(Kind.BOUNDARY))
                .toList();
    }

    List<String> at(double t) {
        Lens lens = path.lens(bore, t);
        float[] rgb = new float[WIDE * HIGH * 3];
        float[] depth = new float[WIDE * HIGH];
        view.draw(lens, t, WIDE, HIGH, rgb, depth);
        Frames frames = new Frames(bore, lens);
        return things.stream()
                .filter(thing -> sees(thing, t, lens, frames, depth))
                .map(Thing::name)
                .toList();
    }

    private boolean sees(Thing thing, double t, Lens lens, Frames frames, float[] depth) {
        double moved = head.station(thing, t) - thing.at();
        double near = Math.min(Math.abs(thing.at() + moved - lens.station()), Math.abs(thing.to() - lens.station()));
        boolean over = lens.station() > thing.at() && lens.station() < thing.to();
        if (near > FAR && !over) {
            return false;
        }
        List<float[]> points = moved == 0
                ? places.computeIfAbsent(thing.name(), k -> footprint.of(thing, 0))
                : footprint.of(thing, moved);
        float[] at = new float[3];
        float[] axis = new float[2];
        boolean[] shown = new boolean[WIDE * HIGH];
        int count = 0;
        for (float[] p : points) {
            bore.axis(p[2], axis);
            frames.place(p[0] + axis[0], p[1] + axis[1], p[2], at, 0);
            if (!lens.project(at[0], at[1], at[2], WIDE, HIGH, at) || at[2] > FAR) {
                continue;
            }
            int x = (int) at[0];
            int y = (int) at[1];
            if (at[0] < 0 || at[1] < 0 || x >= WIDE || y >= HIGH || shown[y * WIDE + x]) {
                continue;
            }
            if (depth[y * WIDE + x] > at[2] - SELF - 0.06f * at[2]) {
                shown[y * WIDE + x] = true;
                count++;
            }
        }
        return count >= ENOUGH;
    }
}
