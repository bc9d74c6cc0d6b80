package hitch.core.sketch;

import hitch.core.measure.Station;
import hitch.core.pipe.OpeningKind;
import hitch.core.rules.OwnersReach;
import hitch.core.survey.LineOpening;
import hitch.core.survey.OpeningFault;
import hitch.core.survey.Survey;
import hitch.core.survey.Way;
import hitch.core.survey.Whose;
import java.util.List;
import java.util.function.Function;

/** Openings from the surface down to the pipe, and the boundary across everything. */
final class OpeningDrawing {
    private final Drawing drawing;
    private final Survey survey;
    private final View view;
    private final GroundDrawing ground;

    OpeningDrawing(Drawing drawing, Survey survey, View view, GroundDrawing ground) {
        this.drawing = drawing;
        this.survey = survey;
        this.view = view;
        this.ground = ground;
    }

    /**
     * @param crown where the top of the line runs
     * @param branches in the order of their lanes
     */
    void all(Function<Station, Double> crown, List<Way> branches, double lane) {
        for (LineOpening opening : survey.line().openings()) {
            if (view.shows(opening.at())) {
                double foot = crown.apply(opening.at());
                for (int i = 0; i < branches.size(); i++) {
                    if (branches.get(i).name().equals(opening.branch())) {
                        foot = SectionSketch.GROUND_Y + 30 + i * lane;
                    }
                }
                opening(opening, foot);
            }
        }
        for (OpeningFault fault : survey.line().faults()) {
            fault.where().stream().filter(view::shows).forEach(s -> wanted(s, fault));
        }
    }

    private void opening(LineOpening opening, double foot) {
        double x = view.x(opening.at());
        double surface = ground.y(opening.at());
        boolean roof = opening.sort() == OpeningKind.ROOF_VENT;
        double top = opening.buried() ? foot - 14 : roof ? surface - 34 : surface;
        drawing.line(x, top, x, foot, Tone.INK, opening.used() ? 4 : 2);
        if (opening.buried()) {
            drawing.dashes(x, surface, x, top, Tone.SOFT, 1);
        }
        drawing.line(x - 6, top, x + 6, top, Tone.INK, 3);
        drawing.hot(
                x - 8,
                top - 6,
                16,
                foot - top + 6,
                opening.name()
                        + (opening.place().isBlank() ? "" : ", " + opening.place())
                        + opening.size().map(s -> ", " + s.show()).orElse("")
                        + opening.ways().map(w -> ", " + w.word()).orElse("")
                        + (opening.buried() ? ", buried" : ""));
    }

    /** Where the house rules ask for an opening that is not there. */
    private void wanted(Station at, OpeningFault fault) {
        double x = view.x(at);
        double y = ground.y(at);
        drawing.dashes(x, y - 2, x, y + 26, Tone.COPPER, 2);
        drawing.add(new Mark.Stroke(
                List.of(new Point(x - 5, y - 8), new Point(x, y - 3), new Point(x + 5, y - 8)), Tone.COPPER, 2, false));
        drawing.hot(x - 8, y - 10, 16, 38, "An opening here would satisfy the house rule: " + fault.says());
    }

    void boundary(double foot) {
        Whose whose = survey.line().whose();
        whose.boundary().filter(view::shows).ifPresent(at -> {
            double x = view.x(at);
            double y = ground.y(at);
            drawing.dashes(x, y - 44, x, foot - 10, Tone.INK, 1.5);
            boolean right = x < view.left() + view.width() - 150;
            drawing.words(
                    "owner's pipe ends here: check locally",
                    right ? x + 6 : x - 6,
                    y - 38,
                    11.5,
                    right ? Mark.Align.LEFT : Mark.Align.RIGHT,
                    Tone.INK,
                    Mark.Face.TEXT);
            if (whose.school() == OwnersReach.TO_THE_MAIN && !whose.boundaryGiven()) {
                // Else a boundary that was noted short of it would seem to contradict it.
                drawing.words(
                        "by the house rules it goes to the main; a boundary on the way is the land's",
                        right ? x + 6 : x - 6,
                        y - 52,
                        10.5,
                        right ? Mark.Align.LEFT : Mark.Align.RIGHT,
                        Tone.SOFT,
                        Mark.Face.TEXT);
            }
            drawing.hot(
                    x - 4,
                    y - 44,
                    8,
                    44,
                    "Boundary: the owner's pipe goes " + whose.school().word() + " by the house rules. " + Whose.CHECK);
        });
    }
}
