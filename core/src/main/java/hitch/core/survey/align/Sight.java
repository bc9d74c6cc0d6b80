package hitch.core.survey.align;

import hitch.core.finding.Cleanable;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Movable;
import hitch.core.finding.WithFlow;
import hitch.core.footage.FrameRef;
import hitch.core.pipe.Pipe;
import hitch.core.run.Direction;
import hitch.core.run.Phase;
import hitch.core.run.Run;
import java.util.EnumSet;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * One moment at which a finding was seen, measured along its run.
 *
 * @param finding what was seen
 * @param frame when
 * @param run which run, by its number in the job
 * @param pass which pass, by a number that no other pass of the job has
 * @param from millimetres from the run's opening, rising with the flow
 * @param to likewise its far end; equal to {@code from} for a point
 * @param error standard error of where it was, millimetres, above 0
 * @param with whether the run goes with the flow
 * @param names the branch that the note names; empty where it names none
 * @param phase whether it was seen before or after a cleaning
 * @param words what was said of it then
 */
record Sight(
        Finding finding,
        FrameRef frame,
        int run,
        int pass,
        double from,
        double to,
        double error,
        boolean with,
        String names,
        Phase phase,
        String words) {
    /** What moves, or is told and not seen: it cannot tie two runs. */
    private static final Set<FindingKind> LOOSE = EnumSet.of(
            FindingKind.DEBRIS,
            FindingKind.GREASE,
            FindingKind.WIPES,
            FindingKind.BLOCKAGE,
            FindingKind.STANDING_WATER,
            FindingKind.UNDER_WATER,
            FindingKind.LIMIT);

    FindingKind kind() {
        return finding.kind();
    }

    /** Whether it may stand for the same thing as another sight at all. */
    boolean isOfThePipe() {
        return kind().family() != FindingKind.Family.TOLD && kind() != FindingKind.REMARK;
    }

    /** Whether a cleaning lies between the two that makes two things of them. */
    boolean isPartedFrom(Sight other) {
        return Cleanable.is(kind()) && (phase == Phase.AFTER) != (other.phase == Phase.AFTER);
    }

    /** Whether it is told of something that the camera pushed along. */
    boolean isMoved() {
        return Movable.is(kind()) && Movable.saysMoved(words);
    }

    /** Whether its place was typed rather than read off the counter. */
    boolean isTyped() {
        return finding.typed().isPresent() && frame.equals(finding.frame());
    }

    boolean isStretch() {
        return from != to;
    }

    /** Whether it is fast to the wall, so that two runs can be tied by it. */
    boolean ties() {
        return isOfThePipe() && !LOOSE.contains(kind()) && !isStretch();
    }

    double middle() {
        return (from + to) / 2;
    }

    /** The hour as seen looking with the flow, 0 up to 12; looking the other way left and right change sides. */
    OptionalDouble hour() {
        return WithFlow.clock(finding.traits(), Optional.of(with ? Direction.WITH_FLOW : Direction.AGAINST_FLOW))
                .filter(c -> !c.all())
                .map(c -> OptionalDouble.of(c.middle()))
                .orElse(OptionalDouble.empty());
    }

    /** What it says lies up the line of it, for a change of pipe. */
    Pipe upstream() {
        return with ? finding.traits().before() : finding.traits().after();
    }

    Pipe downstream() {
        return with ? finding.traits().after() : finding.traits().before();
    }

    static boolean isWith(Run run) {
        return run.direction() == Direction.WITH_FLOW;
    }
}
