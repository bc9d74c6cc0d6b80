package hitch.core.sketch;

import hitch.core.finding.FindingId;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.survey.Line;
import hitch.core.survey.Survey;
import hitch.core.survey.Way;
import java.util.List;
import java.util.Optional;

/** The long section of the line, to scale along and with its own scale down. */
public final class SectionSketch {
    /** Pixels left and right of the line for what its ends are. */
    public static final double SIDE = 64;

    static final double GROUND_Y = 64;
    private static final double LANE = 38;
    private static final double DEPTH_ROOM = 110;
    private static final double BARE_HEIGHT = 320;
    /** It is drawn no more than so many times larger. */
    private static final double MOST_GROWN = 1.5;

    private final Survey survey;
    private final Line line;
    private final View view;
    private final Optional<FindingId> chosen;
    private final LengthUnit unit;
    private final Drawing drawing = new Drawing();

    private SectionSketch(Survey survey, View view, Optional<FindingId> chosen) {
        this.survey = survey;
        this.line = survey.line();
        this.view = view;
        this.chosen = chosen;
        this.unit = survey.facts().unit();
    }

    /** All of the line and its branches, seen or not; empty while nothing was reached. */
    public static Optional<Extent> whole(Survey survey) {
        return survey.line().ways().stream().map(Way::whole).reduce(Extent::joined);
    }

    /** How tall a drawing should be so that all pipes and some knots find room. */
    public static double height(Survey survey) {
        long branches = survey.line().ways().stream().filter(Way::isBranch).count();
        boolean deep = !survey.line().depths().locates().isEmpty();
        return BARE_HEIGHT + branches * LANE + (deep ? DEPTH_ROOM / 3 : 0);
    }

    /** A view of all of it in a drawing so wide. */
    public static Optional<View> all(Survey survey, double width) {
        return whole(survey)
                .filter(e -> width > 2.5 * SIDE)
                .map(e -> new View(
                        e.isPoint() ? new Extent(e.from(), new Station(e.to().mm() + 1000)) : e,
                        SIDE,
                        width - 2 * SIDE));
    }

    /**
     * @param chosen the finding under the hand
     */
    public static Sketch draw(Survey survey, View view, Optional<FindingId> chosen, double height) {
        return new SectionSketch(survey, view, chosen).draw(height);
    }

    private Sketch draw(double height) {
        double width = view.left() + view.width() + SIDE;
        List<Way> branches = line.ways().stream().filter(Way::isBranch).toList();
        double top = GROUND_Y + 14 + branches.size() * LANE;
        Optional<Way> main = line.main();
        Extent whole = whole(survey).orElse(Extent.at(Station.DATUM));
        // A drawing with room to spare is drawn larger, pipe and depth alike.
        double least = height(survey);
        double grown = Math.clamp(height / least, 1, MOST_GROWN);
        double spare = Math.max(0, height - least);
        Profile profile = new Profile(line, whole, GROUND_Y, top - GROUND_Y + DEPTH_ROOM + spare / 2, grown);
        GroundDrawing ground = new GroundDrawing(drawing, survey, view, profile);
        PipeDrawing pipes = new PipeDrawing(drawing, survey, view, grown);
        ground.surface(width);
        double deepest = top;
        if (main.isPresent()) {
            // A pipe nearer the surface than the branches' lanes is lowered as a whole; the depth scale goes with it.
            double lowered = Math.max(
                    0,
                    top
                            + pipes.height(main.get())
                            - shallowest(profile, main.get().whole()));
            PipeDrawing.Run run = station -> profile.invertY(station) + lowered;
            pipes.earth(run, ground, width, height);
            deepest = pipes.way(main.get(), run);
            ground.depths(run, lowered);
            ground.above();
            for (int i = 0; i < branches.size(); i++) {
                double y = GROUND_Y + 30 + i * LANE;
                pipes.branch(branches.get(i), y, joinY(branches.get(i), run, y));
            }
            OpeningDrawing openings = new OpeningDrawing(drawing, survey, view, ground);
            openings.all(station -> run.invert(station) - pipes.height(main.get()), branches, LANE);
            openings.boundary(deepest);
        }
        scale(deepest + 8);
        new RopeDrawing(drawing, survey, view, chosen).hang(deepest + 34, height);
        return drawing.done(width, height);
    }

    private static double shallowest(Profile profile, Extent extent) {
        return profile.bends(extent).stream()
                .mapToDouble(profile::invertY)
                .min()
                .orElse(GROUND_Y);
    }

    private double joinY(Way branch, PipeDrawing.Run run, double own) {
        boolean onLine = branch.into().orElse(Branch.LINE).equals(Branch.LINE);
        return onLine && branch.join().isPresent() ? run.invert(branch.join().get()) - 4 : own + LANE;
    }

    private void scale(double y) {
        Distance step = Steps.along(view, unit);
        Station zero = line.stationing().zero();
        long first = Math.floorDiv(view.shown().from().mm() - zero.mm(), step.mm()) * step.mm() + zero.mm();
        for (long at = first; at <= view.shown().to().mm(); at += step.mm()) {
            if (at < view.shown().from().mm()) {
                continue;
            }
            double x = view.x(at);
            drawing.line(x, y, x, y + 5, Tone.SOFT, 1);
            String number = unit.number(new Distance(Math.abs(at - zero.mm()))).replaceAll("\\.0+$", "");
            drawing.words(number, x, y + 17, 11.5, Mark.Align.CENTRE, Tone.SOFT, Mark.Face.FIGURES);
        }
        drawing.words(
                unit.sign(),
                view.x(view.shown().to()) + 14,
                y + 17,
                11.5,
                Mark.Align.LEFT,
                Tone.SOFT,
                Mark.Face.FIGURES);
        drawing.words(
                "distances from " + line.stationing().from().word(),
                12,
                18,
                11.5,
                Mark.Align.LEFT,
                Tone.SOFT,
                Mark.Face.TEXT);
    }
}
