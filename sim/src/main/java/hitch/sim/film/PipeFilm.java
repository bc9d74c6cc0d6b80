package hitch.sim.film;

import hitch.sim.pipe.Bore;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.view.CameraPath;
import hitch.sim.view.PipeView;

/** A take in the pipe, through the glass of its lens. */
final class PipeFilm implements View {
    private final PipeView view;
    private final Bore bore;
    private final CameraPath path;
    private final Glass glass;

    PipeFilm(PipeView view, Bore bore, Scenario scenario, Take take) {
        this.view = view;
        this.bore = bore;
        this.path = new CameraPath(scenario, take);
        this.glass = new Glass(take, scenario.seed());
    }

    @Override
    public void draw(double t, int width, int height, float[] rgb) {
        float[] depth = new float[width * height];
        view.draw(path.lens(bore, t), t, width, height, rgb, depth);
        glass.cover(rgb, depth, width, height, t, path.speed(t));
    }
}
