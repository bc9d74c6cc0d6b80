package hitch.core.sketch;

import hitch.core.survey.Survey;
import java.util.Optional;

/**
 * The section of the line as a film shows it: the same drawing as on the desk, with little enough on it that its words can be read on a
 * telephone.
 *
 * @param sketch the drawing
 * @param view which places of it are which stations
 */
public record FilmMap(Sketch sketch, View view) {
    private static final double WIDTH = 600;
    private static final double HEIGHT = 300;
    private static final double PAPER_WIDTH = 960;

    /** Empty where nothing of the line is known. */
    public static Optional<FilmMap> of(Survey survey) {
        return of(survey, WIDTH, HEIGHT);
    }

    /** As a page or a sheet of paper shows it, wider and as high as all of it needs; empty likewise. */
    public static Optional<FilmMap> onPaper(Survey survey) {
        return of(survey, PAPER_WIDTH, SectionSketch.height(survey));
    }

    private static Optional<FilmMap> of(Survey survey, double width, double height) {
        return SectionSketch.all(survey, width)
                .map(v -> new FilmMap(SectionSketch.draw(survey, v, Optional.empty(), height), v));
    }

    /** The middle of the line's pipe at an x, pixels down; where there is none, at the nearest end of it. */
    public double y(double x) {
        double best = HEIGHT / 2;
        double off = Double.MAX_VALUE;
        for (Mark mark : sketch.marks()) {
            if (mark instanceof Mark.Pipe p) {
                double away = Math.max(0, Math.max(p.x() - x, x - p.x() - p.width()));
                double t = p.width() <= 0 ? 0 : Math.clamp((x - p.x()) / p.width(), 0, 1);
                double y = p.leftY() + t * (p.rightY() - p.leftY()) + p.height() / 2;
                // Branches lie above the line.
                if (away < off || away == off && y > best) {
                    off = away;
                    best = y;
                }
            }
        }
        return best;
    }
}
