package hitch.core.sketch;

import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.WithFlow;
import hitch.core.measure.Station;
import hitch.core.run.Direction;
import hitch.core.run.Run;
import hitch.core.survey.Bends;
import hitch.core.survey.LineOpening;
import hitch.core.survey.Survey;
import hitch.core.survey.Way;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The line from above, as far as bends tell: it turns where a bend has its degrees and its side, and runs straight where
 * nobody said. It shows how the pipes hang together, not where they lie in the ground.
 */
public final class PlanSketch {
    private static final double MARGIN = 16;
    /** Pixels above the plan for what is said of it. */
    private static final double CAPTION = 24;

    private static final double BRANCH_TURN = 45;
    private static final double STRAIGHT_HEIGHT = 48;
    private static final double TURNING_HEIGHT = 92;

    private final Survey survey;
    private final Map<String, Trail> trails = new HashMap<>();

    /** A pipe laid out in a plane: its corners, and which way it goes at each. */
    private static final class Trail {
        private final List<Station> stations = new ArrayList<>();
        private final List<Point> points = new ArrayList<>();
        private final List<Double> headings = new ArrayList<>();

        private Point at(Station station) {
            for (int i = 1; i < stations.size(); i++) {
                if (station.compareTo(stations.get(i)) <= 0 || i == stations.size() - 1) {
                    double length = stations.get(i).mm() - stations.get(i - 1).mm();
                    double share = length == 0
                            ? 0
                            : Math.clamp((station.mm() - stations.get(i - 1).mm()) / length, 0, 1);
                    Point a = points.get(i - 1);
                    Point b = points.get(i);
                    return new Point(a.x() + share * (b.x() - a.x()), a.y() + share * (b.y() - a.y()));
                }
            }
            return points.getFirst();
        }

        private double heading(Station station) {
            double heading = headings.getFirst();
            for (int i = 0; i < headings.size() && stations.get(i).compareTo(station) <= 0; i++) {
                heading = headings.get(i);
            }
            return heading;
        }
    }

    private PlanSketch(Survey survey) {
        this.survey = survey;
    }

    /** How tall a drawing should be: less for a line that runs straight as far as anybody knows. */
    public static double height(Survey survey) {
        boolean turns = survey.line().ways().size() > 1
                || survey.findings().stream().anyMatch(f -> f.finding().kind() == FindingKind.BEND);
        return turns ? TURNING_HEIGHT : STRAIGHT_HEIGHT;
    }

    /** The plan, fitted into a drawing; empty while nothing was reached. */
    public static Optional<Sketch> draw(Survey survey, double width, double height) {
        return survey.line().main().map(m -> new PlanSketch(survey).draw(m, width, height));
    }

    private Sketch draw(Way main, double width, double height) {
        // Turned so that the main lies straight across from the upper end: the strip is wide and low.
        Point end = down(main, new Point(0, 0), 0).points.getLast();
        trails.put(main.name(), down(main, new Point(0, 0), -Math.toDegrees(Math.atan2(end.y(), end.x()))));
        List<Way> waiting = new ArrayList<>(
                survey.line().ways().stream().filter(w -> w.join().isPresent()).toList());
        boolean laid = true;
        while (laid) {
            laid = false;
            for (Way way : List.copyOf(waiting)) {
                Trail into = trails.get(way.into().orElse(""));
                if (into != null) {
                    double side = side(way) * BRANCH_TURN;
                    Station join = way.join().orElseThrow();
                    trails.put(way.name(), up(way, into.at(join), into.heading(join) + side));
                    waiting.remove(way);
                    laid = true;
                }
            }
        }
        return fitted(width, height);
    }

    /** Laid from its upper end, turning at its bends. */
    private Trail down(Way way, Point start, double heading) {
        Trail trail = new Trail();
        List<LocatedFinding> bends = bends(way);
        trail.stations.add(way.whole().from());
        trail.points.add(start);
        trail.headings.add(heading);
        for (LocatedFinding bend : bends) {
            step(trail, bend.extent().orElseThrow().middle());
            trail.headings.add(trail.headings.getLast() + turn(bend));
        }
        step(trail, way.whole().to());
        return trail;
    }

    private static void step(Trail trail, Station to) {
        Point from = trail.points.getLast();
        double length = Math.max(0, to.mm() - trail.stations.getLast().mm());
        double heading = Math.toRadians(trail.headings.getLast());
        trail.stations.add(to);
        trail.points.add(new Point(from.x() + length * Math.cos(heading), from.y() + length * Math.sin(heading)));
    }

    /** A branch, laid so that it ends at its join and comes in at its heading. */
    private Trail up(Way way, Point join, double heading) {
        Trail free = down(way, new Point(0, 0), 0);
        double turn = heading - free.headings.getLast();
        double cos = Math.cos(Math.toRadians(turn));
        double sin = Math.sin(Math.toRadians(turn));
        Point end = free.points.getLast();
        Trail laid = new Trail();
        laid.stations.addAll(free.stations);
        free.headings.forEach(h -> laid.headings.add(h + turn));
        for (Point p : free.points) {
            double dx = p.x() - end.x();
            double dy = p.y() - end.y();
            laid.points.add(new Point(join.x() + dx * cos - dy * sin, join.y() + dx * sin + dy * cos));
        }
        return laid;
    }

    private List<LocatedFinding> bends(Way way) {
        return survey.findings().stream()
                .filter(f -> f.finding().kind() == FindingKind.BEND
                        && f.branch().equals(way.name())
                        && f.extent().isPresent())
                .sorted(Comparator.comparing(f -> f.extent().orElseThrow()))
                .toList();
    }

    /** Degrees that the pipe turns going with the flow, to the right; 0 where degrees or side were not said. */
    private static double turn(LocatedFinding bend) {
        int degrees = Bends.degrees(bend).orElse(0);
        return degrees * side(bend);
    }

    /** +1 for right, -1 for left, going with the flow; 0 where nobody said. */
    private static int side(LocatedFinding found) {
        boolean with = found.run().map(Run::direction).orElse(Direction.WITH_FLOW) == Direction.WITH_FLOW;
        String words = found.finding().wording().toLowerCase(Locale.ROOT);
        Optional<Double> hour = WithFlow.clock(found).filter(c -> !c.all()).map(ClockPosition::middle);
        int seen = hour.map(h -> h > 0.5 && h < 5.5 ? 1 : h > 6.5 && h < 11.5 ? -1 : 0)
                .orElse(0);
        int said = words.contains("right") ? 1 : words.contains("left") ? -1 : 0;
        return seen != 0 ? seen : said * (with ? 1 : -1);
    }

    /** On which side a branch comes in: as its tie-in was seen, else alternating so that two do not lie on each other. */
    private double side(Way way) {
        Optional<Integer> seen = survey.findings().stream()
                .filter(f -> f.finding().kind() == FindingKind.TIE_IN
                        && f.extent().isPresent()
                        && f.extent()
                                        .get()
                                        .middle()
                                        .to(way.join().orElseThrow())
                                        .mm()
                                < 600)
                .map(PlanSketch::side)
                .filter(s -> s != 0)
                .findFirst();
        // A branch on the right comes down from the right: its heading turns to the left.
        return seen.map(s -> -s).orElse(trails.size() % 2 == 0 ? 1 : -1);
    }

    private Sketch fitted(double width, double height) {
        List<Point> all =
                trails.values().stream().flatMap(t -> t.points.stream()).toList();
        double left = all.stream().mapToDouble(Point::x).min().orElse(0);
        double right = all.stream().mapToDouble(Point::x).max().orElse(1);
        double top = all.stream().mapToDouble(Point::y).min().orElse(0);
        double foot = all.stream().mapToDouble(Point::y).max().orElse(1);
        double room = height - CAPTION - MARGIN;
        double along = (width - 2 * SectionSketch.SIDE) / Math.max(1, right - left);
        // What lies far to a side is drawn nearer, rather than all of the line small.
        double aside = Math.min(along, room / Math.max(1, foot - top));
        double start = (width - (right - left) * along) / 2;
        double down = CAPTION + (room - (foot - top) * aside) / 2;
        Drawing drawing = new Drawing();
        java.util.function.UnaryOperator<Point> place =
                p -> new Point(start + (p.x() - left) * along, down + (p.y() - top) * aside);
        trails.forEach((name, trail) -> {
            List<Point> points = trail.points.stream().map(place).toList();
            drawing.add(new Mark.Stroke(points, Tone.SOFT, name.isEmpty() ? 5 : 3, false));
            if (!name.isEmpty()) {
                Point upper = points.getFirst();
                drawing.words(
                        name,
                        upper.x(),
                        upper.y() + (upper.y() < height / 2 ? -6 : 14),
                        11,
                        Mark.Align.CENTRE,
                        Tone.INK,
                        Mark.Face.TEXT);
            }
        });
        knots(drawing, place);
        for (LineOpening opening : survey.line().openings()) {
            Trail trail = trails.get(opening.branch());
            if (trail != null) {
                Point p = place.apply(trail.at(opening.at()));
                drawing.box(p.x() - 4, p.y() - 4, 8, 8, Tone.INK, 1);
                drawing.hot(p.x() - 6, p.y() - 6, 12, 12, opening.name());
            }
        }
        Trail line = trails.get("");
        Point from = place.apply(line.points.getFirst());
        Point to = place.apply(line.points.getLast());
        drawing.words("building", from.x() - 14, from.y() + 4, 11, Mark.Align.RIGHT, Tone.SOFT, Mark.Face.TEXT);
        drawing.words("main", to.x() + 14, to.y() + 4, 11, Mark.Align.LEFT, Tone.SOFT, Mark.Face.TEXT);
        if (along > 1.2 * aside) {
            drawing.words(
                    String.format(Locale.ROOT, "from above; sideways drawn %.1f times shorter", along / aside),
                    12,
                    12,
                    11,
                    Mark.Align.LEFT,
                    Tone.SOFT,
                    Mark.Face.TEXT);
        }
        return drawing.done(width, height);
    }

    private void knots(Drawing drawing, java.util.function.UnaryOperator<Point> place) {
        survey.findings().stream()
                .filter(f -> f.extent().isPresent() && f.weight().knots() > 2)
                .sorted(Comparator.comparing(f -> f.weight().knots()))
                .skip(Math.max(0, survey.findings().size() - 400L))
                .forEach(f -> {
                    Trail trail = trails.get(f.branch());
                    if (trail != null) {
                        Point p = place.apply(trail.at(f.extent().orElseThrow().middle()));
                        drawing.add(new Mark.Knot(p.x(), p.y(), f.weight().knots(), Tone.INK));
                        drawing.hot(
                                p.x() - 7,
                                p.y() - 7,
                                14,
                                14,
                                f.finding().phrase(),
                                f.finding().id());
                    }
                });
    }
}
