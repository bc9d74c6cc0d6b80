package hitch.core.sketch;

import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.measure.Extent;
import hitch.core.pipe.Branch;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.Survey;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The findings, hung below the pipe as knots; the heaviest keep their words where they crowd. */
final class RopeDrawing {
    private static final double LANE = 40;
    /** Without room for words, one knot to as many pixels. */
    private static final double CROWDED_PX = 10;

    private final Drawing drawing;
    private final Survey survey;
    private final View view;
    private final Optional<FindingId> chosen;
    private final List<Knot> knots = new ArrayList<>();

    /** The end of a rope. */
    private record Knot(LocatedFinding found, double x, double y, double half) {}

    RopeDrawing(Drawing drawing, Survey survey, View view, Optional<FindingId> chosen) {
        this.drawing = drawing;
        this.survey = survey;
        this.view = view;
        this.chosen = chosen;
    }

    /**
     * @param top where the first knots may hang
     * @param foot the drawing's foot
     */
    void hang(double top, double foot) {
        int count = Math.max(1, (int) ((foot - top - 24) / LANE));
        boolean[][] taken = new boolean[count][(int) (view.left() * 2 + view.width()) + 1];
        Set<Integer> crowded = new HashSet<>();
        inOrder().forEach(f -> hang(f, top, taken, crowded));
        knots.forEach(this::tie);
    }

    /** What is in view: the chosen one first, then the heaviest, so that they get the room. */
    private List<LocatedFinding> inOrder() {
        List<LocatedFinding> order = new ArrayList<>();
        // A list for each weight: sorting thousands at every redraw is slow.
        Map<Weight, List<LocatedFinding>> others = new EnumMap<>(Weight.class);
        for (LocatedFinding found : survey.findings()) {
            boolean shown = found.finding().kind() != FindingKind.LOCATE
                    && found.finding().kind().isToBeSeen()
                    && found.extent().filter(view::shows).isPresent();
            if (shown && isChosen(found)) {
                order.add(found);
            } else if (shown) {
                others.computeIfAbsent(found.weight(), w -> new ArrayList<>()).add(found);
            }
        }
        others.values().stream().toList().reversed().forEach(order::addAll);
        return order;
    }

    private boolean isChosen(LocatedFinding found) {
        return chosen.filter(id -> found.ids().contains(id)).isPresent();
    }

    private void hang(LocatedFinding found, double top, boolean[][] taken, Set<Integer> crowded) {
        Extent extent = found.extent().orElseThrow();
        double x = Math.clamp(view.x(extent.middle()), view.left(), view.left() + view.width());
        String words = found.finding().kind().word();
        double half = Math.max(14, words.length() * 3.3 + 6);
        Tone tone = isChosen(found) ? Tone.COPPER : Tone.INK;
        int lane = lane(taken, x - half, x + half);
        if (lane < 0) {
            int bin = (int) (x / CROWDED_PX);
            if (crowded.add(bin) || isChosen(found)) {
                drawing.add(new Mark.Knot(x, top, found.weight().knots(), tone));
                hot(found, x - CROWDED_PX / 2, top - 8, CROWDED_PX, 16);
            }
            return;
        }
        double y = top + 20 + lane * LANE;
        Tone rope = isChosen(found) ? Tone.COPPER : Tone.ROPE;
        if (found.branch().equals(Branch.LINE)) {
            drawing.line(x, top - 8, x, y, rope, 1.4);
        } else {
            drawing.dashes(x, top - 8, x, y, rope, 1.4);
        }
        if (!extent.isPoint()) {
            double from = Math.max(view.x(extent.from()), view.left());
            double to = Math.min(view.x(extent.to()), view.left() + view.width());
            drawing.line(from, top - 8, to, top - 8, rope, 3);
        }
        knots.add(new Knot(found, x, y, half));
    }

    /** Knots and words lie over all ropes: those that go on down pass behind them. */
    private void tie(Knot knot) {
        LocatedFinding found = knot.found();
        double half = knot.half() - 6;
        drawing.box(knot.x() - half, knot.y() + 9, 2 * half, 15, Tone.CARD, 1);
        drawing.add(
                new Mark.Knot(knot.x(), knot.y(), found.weight().knots(), isChosen(found) ? Tone.COPPER : Tone.INK));
        drawing.words(
                found.finding().kind().word(),
                knot.x(),
                knot.y() + 20,
                12,
                Mark.Align.CENTRE,
                Tone.INK,
                Mark.Face.TEXT);
        hot(found, knot.x() - knot.half(), knot.y() - 10, 2 * knot.half(), 34);
    }

    private static int lane(boolean[][] taken, double from, double to) {
        for (int lane = 0; lane < taken.length; lane++) {
            int low = Math.max(0, (int) from);
            int high = Math.min(taken[lane].length - 1, (int) to);
            boolean free = true;
            for (int x = low; x <= high && free; x++) {
                free = !taken[lane][x];
            }
            if (free) {
                for (int x = low; x <= high; x++) {
                    taken[lane][x] = true;
                }
                return lane;
            }
        }
        return -1;
    }

    private void hot(LocatedFinding found, double x, double y, double width, double height) {
        String place = survey.line()
                .place(found, survey.facts().unit())
                .map(PlaceWords::all)
                .orElse("");
        String doubt = found.doubt().mm() > 30
                ? ", give or take " + survey.facts().unit().show(found.doubt())
                : "";
        int seen = found.finding().sightings().size() + 1;
        String times = seen == 1 ? "" : "; seen " + seen + " times";
        drawing.hot(
                x,
                y,
                width,
                height,
                found.finding().id() + ": " + found.finding().phrase() + ", " + place + doubt + "; "
                        + found.weight().word() + ": " + found.because() + times,
                found.finding().id());
    }
}
