package hitch.sim.view;

import hitch.sim.body.Bodies;
import hitch.sim.body.Body;
import hitch.sim.pipe.Bore;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import java.util.Comparator;
import java.util.List;

/** Draws what stands in the bore, where it is at a moment: some of it is shoved along or broken up by the head. */
final class Standing {
    private static final double REACH = 8;

    private final Bore bore;
    private final Head head;
    private final List<Body> bodies;

    Standing(Scenario scenario, Bore bore, Take take) {
        this.bore = bore;
        this.head = new Head(scenario, take);
        this.bodies = Bodies.of(scenario, bore).stream()
                .filter(b -> b.thing().isOn(take))
                .toList();
    }

    void draw(Lens lens, double t, float clear, int width, int height, float[] depth, float[] rgb) {
        Canvas canvas = new Canvas(lens, clear, width, height, depth, rgb);
        Frames frames = new Frames(bore, lens);
        List<Body> near = bodies.stream()
                .filter(b -> Math.abs(head.station(b.thing(), t) - lens.station) < REACH)
                .sorted(Comparator.comparingDouble(b -> -Math.abs(head.station(b.thing(), t) - lens.station)))
                .toList();
        for (Body body : near) {
            double at = head.station(body.thing(), t);
            float broken = body.thing().is(Kind.PLUG) ? (float) head.broken(body.thing(), t) : 0;
            for (int i = 0; i < body.sheets().size(); i++) {
                // A plug is its two faces while it is whole, and crumbs afterwards.
                boolean crumb = body.thing().is(Kind.PLUG) && i > 1;
                if (crumb == broken > 0.3f) {
                    sheet(canvas, frames, body.sheets().get(i), at, crumb ? 1 - broken : 0);
                }
            }
        }
        for (Body body : near) {
            double at = head.station(body.thing(), t);
            body.strands().forEach(s -> strand(canvas, frames, s, at));
        }
    }

    private static void strand(Canvas canvas, Frames frames, Body.Strand strand, double at) {
        float[] p = frames.place(strand.points(), at);
        for (int i = 3; i < p.length; i += 3) {
            canvas.strand(p, i - 3, p, i, strand.thick() * (1.15f - 0.8f * i / p.length), strand.colour());
        }
    }

    /** @param high how much of its fall is still before it, 0 to 1 */
    private void sheet(Canvas canvas, Frames frames, Body.Sheet sheet, double at, float high) {
        float[] points = sheet.points();
        if (high > 0) {
            points = points.clone();
            for (int i = 0; i < points.length; i += 3) {
                points[i + 1] += high * bore.radius(at);
                points[i + 2] *= 1 - high;
            }
        }
        float[] p = frames.place(points, at);
        int columns = sheet.columns();
        for (int i = columns; i < sheet.tone().length; i++) {
            if (i % columns > 0) {
                int a = (i - columns - 1) * 3;
                canvas.patch(p, sheet.tone(), a, a + 3, i * 3, sheet.colour(), sheet.wet());
                canvas.patch(p, sheet.tone(), a, i * 3, i * 3 - 3, sheet.colour(), sheet.wet());
            }
        }
    }
}
