package hitch.core.sketch;

import hitch.core.measure.Extent;
import hitch.core.survey.HiddenWall;
import hitch.core.survey.Look;
import hitch.core.survey.Sectors;
import hitch.core.survey.SeenPart;
import hitch.core.survey.Survey;
import hitch.core.survey.Way;
import java.util.List;

/** What of a pipe was not seen, hatched: whole stretches, and the bottom or the crown where a part of the wall stayed hidden. */
final class UnseenDrawing {
    private final Drawing drawing;
    private final Survey survey;
    private final View view;
    private final PipeDrawing pipes;

    UnseenDrawing(Drawing drawing, Survey survey, View view, PipeDrawing pipes) {
        this.drawing = drawing;
        this.survey = survey;
        this.view = view;
        this.pipes = pipes;
    }

    /** @param share of its height that the pipe is drawn at */
    void of(Way way, PipeDrawing.Run run, double share) {
        unseen(way, run, share);
        hidden(way, run, share);
    }

    private void unseen(Way way, PipeDrawing.Run run, double share) {
        for (SeenPart part : survey.line().seeing().parts()) {
            if (!part.branch().equals(way.name()) || part.best() == Look.WELL) {
                continue;
            }
            for (Extent piece : pipes.pieces(part.extent())) {
                double height = pipes.heightAt(way, piece.middle()) * share;
                double x = view.x(piece.from());
                double width = Math.max(2, view.x(piece.to()) - x);
                double left = run.invert(piece.from()) - height;
                double right = run.invert(piece.to()) - height;
                drawing.add(new Mark.Hatch(x, width, left, right, height));
                drawing.pipe(
                        x,
                        Math.min(left, right),
                        width,
                        height,
                        survey.facts().unit().show(part.extent().length()) + " "
                                + part.best().word() + (part.why().isBlank() ? "" : ", " + part.why()) + ", "
                                + survey.line()
                                        .place(
                                                way.name(),
                                                part.extent(),
                                                survey.facts().unit())
                                        .all(),
                        way.name());
            }
        }
    }

    /** The bottom and the crown, seen from the side, hatched where they were hidden. */
    private void hidden(Way way, PipeDrawing.Run run, double share) {
        for (HiddenWall wall : survey.line().seeing().hidden()) {
            for (Extent piece : wall.branch().equals(way.name()) ? pipes.pieces(wall.extent()) : List.<Extent>of()) {
                double height = pipes.heightAt(way, piece.middle()) * share;
                double x = view.x(piece.from());
                double width = Math.max(2, view.x(piece.to()) - x);
                for (Sectors.Band band : wall.hidden().bands()) {
                    double tall = height * (band.to() - band.from());
                    double left = run.invert(piece.from()) - height * band.to();
                    double right = run.invert(piece.to()) - height * band.to();
                    drawing.add(new Mark.Hatch(x, width, left, right, tall));
                    drawing.pipe(
                            x,
                            Math.min(left, right),
                            width,
                            tall,
                            "wall hidden " + wall.hidden().words() + " by " + wall.by() + ", "
                                    + survey.line()
                                            .place(
                                                    way.name(),
                                                    wall.extent(),
                                                    survey.facts().unit())
                                            .all(),
                            way.name());
                }
            }
        }
    }
}
