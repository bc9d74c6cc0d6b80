package hitch.core.sketch;

import hitch.core.finding.FindingId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A sketch while it is being drawn. */
final class Drawing {
    private final List<Mark> marks = new ArrayList<>();
    private final List<Hot> hots = new ArrayList<>();

    void add(Mark mark) {
        marks.add(mark);
    }

    void line(double x1, double y1, double x2, double y2, Tone tone, double width) {
        marks.add(new Mark.Stroke(List.of(new Point(x1, y1), new Point(x2, y2)), tone, width, false));
    }

    void dashes(double x1, double y1, double x2, double y2, Tone tone, double width) {
        marks.add(new Mark.Stroke(List.of(new Point(x1, y1), new Point(x2, y2)), tone, width, true));
    }

    void box(double x, double y, double width, double height, Tone tone, double strength) {
        marks.add(new Mark.Area(
                List.of(
                        new Point(x, y),
                        new Point(x + width, y),
                        new Point(x + width, y + height),
                        new Point(x, y + height)),
                tone,
                strength));
    }

    void words(String text, double x, double y, double size, Mark.Align align, Tone tone, Mark.Face face) {
        marks.add(new Mark.Words(text, x, y, size, align, tone, face));
    }

    void hot(double x, double y, double width, double height, String words) {
        hots.add(new Hot(x, y, width, height, words, Optional.empty(), Optional.empty()));
    }

    void hot(double x, double y, double width, double height, String words, FindingId finding) {
        hots.add(new Hot(x, y, width, height, words, Optional.of(finding), Optional.empty()));
    }

    /** The pipe of a branch, drawn along the stations. */
    void pipe(double x, double y, double width, double height, String words, String branch) {
        hots.add(new Hot(x, y, width, height, words, Optional.empty(), Optional.of(branch)));
    }

    Sketch done(double width, double height) {
        return new Sketch(width, height, marks, hots);
    }
}
