package hitch.core.survey;

import hitch.core.counter.CounterTrace;
import hitch.core.finding.FindingKind;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.core.gauge.JointTrail;
import hitch.core.gauge.LayLengths;
import hitch.core.gauge.RimLook;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.pipe.PipeSize;
import hitch.core.run.Run;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The joints along a clip, the lengths of pipe between them, and what does not fit: pipe comes in lengths, so that a joint nobody saw
 * and a counter that slipped show against their rhythm.
 *
 * @param joints where joints lie
 * @param stretches pipe laid of equal lengths
 * @param missing where one should lie and none was seen
 * @param slips where the counter may have slipped
 * @param doubts what does not fit, a sentence each; those of slips among them
 */
public record Rhythm(
        List<Station> joints, List<Stretch> stretches, List<Station> missing, List<Slip> slips, List<String> doubts) {
    public static final Rhythm NONE = new Rhythm(List.of(), List.of(), List.of(), List.of(), List.of());

    /** Two stretches are of one pipe where their lengths differ by no more than this share. */
    private static final double ALIKE = 0.03;
    /** A stretch is out of step with the one before where it is off by more than this share of a length. */
    private static final double OUT_OF_STEP = 0.1;
    /** A finding so near to a joint is at it. */
    private static final Distance AT = Distance.feet(0.5);

    /**
     * Pipe of equal lengths.
     *
     * @param length of a piece
     * @param joints how many were seen
     */
    public record Stretch(Extent extent, Distance length, int joints) {}

    /**
     * One pipe that goes on in another step.
     *
     * @param from the last joint in the old step
     * @param to the first in the new one
     * @param words what is odd, in a sentence
     */
    public record Slip(Station from, Station to, String words) {}

    public Rhythm {
        joints = List.copyOf(joints);
        stretches = List.copyOf(stretches);
        missing = List.copyOf(missing);
        slips = List.copyOf(slips);
        doubts = List.copyOf(doubts);
    }

    /** What a clip shows, by what its counter is taken to show now; nothing where its run or its bore is not known. */
    public static Rhythm of(Survey survey, Clip clip, List<RimLook> looks) {
        Optional<Run> run = survey.runOf(clip.id());
        CounterTrace trace = survey.traces().get(clip.id());
        if (run.isEmpty() || trace == null || looks.isEmpty()) {
            return NONE;
        }
        List<JointTrail.Joint> joints = new ArrayList<>();
        List<JointTrail.Look> placed = new ArrayList<>();
        double bore = 0;
        for (RimLook look : looks) {
            OptionalDouble cable = trace.cableAt(look.pts());
            Optional<PipeSize> here = PipeHere.bore(survey, new FrameRef(clip.id(), look.pts()));
            if (cable.isEmpty() || here.isEmpty()) {
                continue;
            }
            double mm = here.get().bore().mm();
            if (mm != bore) {
                // Where the pipe changes its size, what was seen goes by another ruler.
                joints.addAll(JointTrail.of(placed, bore));
                placed.clear();
                bore = mm;
            }
            placed.add(look.at(cable.getAsDouble(), mm));
        }
        joints.addAll(JointTrail.of(placed, bore));
        joints.sort(Comparator.comparingDouble(JointTrail.Joint::at));
        return reckoned(survey, run.get(), joints);
    }

    private static Rhythm reckoned(Survey survey, Run run, List<JointTrail.Joint> joints) {
        List<LayLengths.Lay> lays = LayLengths.of(joints);
        LengthUnit unit = survey.facts().unit();
        List<Station> missing = lays.stream()
                .flatMap(l -> l.missing().stream())
                .map(run::stationOf)
                .toList();
        List<String> doubts = new ArrayList<>();
        for (LayLengths.Lay lay : lays) {
            for (double at : lay.missing()) {
                doubts.add("No joint was seen at " + place(run.stationOf(at), unit) + ", where lengths of "
                        + shown(lay.length(), unit) + " want one.");
            }
        }
        List<Slip> slips = new ArrayList<>();
        for (int i = 1; i < lays.size(); i++) {
            slip(lays.get(i - 1), lays.get(i), run, unit).ifPresent(slips::add);
        }
        slips.forEach(s -> doubts.add(s.words()));
        return new Rhythm(
                joints.stream().map(j -> run.stationOf(j.at())).toList(),
                lays.stream().map(l -> stretch(run, l)).toList(),
                missing,
                slips,
                doubts);
    }

    private static Stretch stretch(Run run, LayLengths.Lay lay) {
        Station from = run.stationOf(lay.from());
        Station to = run.stationOf(lay.to());
        boolean inOrder = from.compareTo(to) <= 0;
        return new Stretch(
                new Extent(inOrder ? from : to, inOrder ? to : from),
                new Distance(Math.round(lay.length())),
                lay.joints());
    }

    private static Optional<Slip> slip(LayLengths.Lay before, LayLengths.Lay after, Run run, LengthUnit unit) {
        double length = (before.length() + after.length()) / 2;
        double by = Math.IEEEremainder(after.from() - before.to(), length);
        if (Math.abs(before.length() - after.length()) > ALIKE * length || Math.abs(by) <= OUT_OF_STEP * length) {
            return Optional.empty();
        }
        Station from = run.stationOf(before.to());
        Station to = run.stationOf(after.from());
        return Optional.of(new Slip(
                from,
                to,
                "The joints are out of step by " + shown(Math.abs(by), unit) + " between " + place(from, unit) + " and "
                        + place(to, unit) + ": the counter may have slipped there, or a piece was cut."));
    }

    private static String place(Station at, LengthUnit unit) {
        return at.show(unit);
    }

    private static String shown(double mm, LengthUnit unit) {
        return unit == LengthUnit.METRES
                ? String.format(Locale.ROOT, "%.2f m", mm / 1000)
                : String.format(Locale.ROOT, "%.2f ft", mm / Distance.MM_PER_FOOT);
    }

    /** The joints beyond a finding, as far as a place: those at which it may be noted again. */
    public List<Station> onFrom(Extent finding, Station place) {
        boolean onward = finding.middle().compareTo(place) <= 0;
        Station end = onward ? finding.to() : finding.from();
        return joints.stream()
                .filter(j -> end.to(j).compareTo(AT) > 0)
                .filter(j -> (j.compareTo(end) > 0) == onward)
                .filter(j -> (j.compareTo(place) <= 0) == onward || j.to(place).compareTo(AT) <= 0)
                .toList();
    }

    /** How many of the joints were said to have roots. */
    public long rooted(Survey survey) {
        return joints.stream()
                .filter(j -> survey.noted().stream()
                        .anyMatch(f -> f.finding().kind() == FindingKind.ROOTS
                                && f.extent()
                                        .filter(e -> e.covers(j)
                                                || e.from().to(j).compareTo(AT) <= 0
                                                || e.to().to(j).compareTo(AT) <= 0)
                                        .isPresent()))
                .count();
    }

    /** In a few sentences. */
    public String words(Survey survey) {
        if (joints.isEmpty()) {
            return "No joints were found.";
        }
        LengthUnit unit = survey.facts().unit();
        StringBuilder said = new StringBuilder(joints.size() == 1 ? "1 joint" : joints.size() + " joints");
        for (Stretch s : stretches) {
            said.append(", ")
                    .append(s.joints())
                    .append(" of them ")
                    .append(shown(s.length().mm(), unit))
                    .append(" apart");
        }
        long rooted = rooted(survey);
        if (rooted > 0) {
            said.append(", ").append(rooted).append(" with roots");
        }
        said.append('.');
        doubts.forEach(d -> said.append(' ').append(d));
        return said.toString();
    }
}
