package hitch.core.run;

import hitch.core.footage.ClipId;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Opening;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * One trip of the camera.
 *
 * @param id name within the job
 * @param name what people call it, such as {@code street run}
 * @param opening where the camera went in
 * @param start station of the opening on the line
 * @param direction which way it went
 * @param datum what the counter read at the opening; subtracted from every reading
 * @param clips its footage in order of recording
 * @param branch the branch it began in or went into; {@link Branch#LINE} where it stayed on the line
 * @param tied whether {@code start} is only a first guess, to be reckoned from what other runs saw too
 * @param zero where at the opening the counter was zeroed
 * @param equipment what was pushed
 * @param phase whether the pipe had been cleaned by then
 */
@RecordBuilder
public record Run(
        RunId id,
        String name,
        Opening opening,
        Station start,
        Direction direction,
        Distance datum,
        List<ClipId> clips,
        String branch,
        boolean tied,
        Zero zero,
        Equipment equipment,
        Phase phase)
        implements RunBuilder.With {
    public Run {
        clips = List.copyOf(clips);
        branch = branch == null ? Branch.LINE : branch;
        zero = zero == null ? Zero.BASE : zero;
        equipment = equipment == null ? Equipment.NOT_SAID : equipment;
        phase = phase == null ? Phase.NOT_SAID : phase;
    }

    /** A run on the line itself, from a station that is known. */
    public Run(
            RunId id,
            String name,
            Opening opening,
            Station start,
            Direction direction,
            Distance datum,
            List<ClipId> clips) {
        this(
                id,
                name,
                opening,
                start,
                direction,
                datum,
                clips,
                Branch.LINE,
                false,
                Zero.BASE,
                Equipment.NOT_SAID,
                Phase.NOT_SAID);
    }

    public Run named(String other) {
        return withName(other);
    }

    public Run from(Opening other) {
        return withOpening(other);
    }

    /** The same run begun at another station. */
    public Run startingAt(Station station, boolean guessed) {
        return RunBuilder.builder(this).start(station).tied(guessed).build();
    }

    public Run going(Direction other) {
        return withDirection(other);
    }

    /** The same run with other words about its counter at the opening. */
    public Run counting(Distance reading, Zero at) {
        return RunBuilder.builder(this).datum(reading).zero(at).build();
    }

    public Run on(String other) {
        return withBranch(other);
    }

    /** The same run, before or after a cleaning. */
    public Run in(Phase other) {
        return withPhase(other);
    }

    public Run with(Equipment other) {
        return withEquipment(other);
    }

    /** What the counter shows with the head where the opening meets the pipe. */
    public Distance atThePipe() {
        return datum.plus(zero.beforeThePipe());
    }

    /** The station of the camera head with {@code cable} millimetres paid out. */
    public Station stationOf(double cable) {
        return new Station(
                start.mm() + direction.sign() * Math.round(cable - atThePipe().mm()));
    }

    /** The cable in millimetres that puts the camera head at {@code station}. */
    public double cableAt(Station station) {
        return (double) direction.sign() * (station.mm() - start.mm())
                + atThePipe().mm();
    }

    /** What lies as far from the opening of {@code is}, on its way, as {@code extent} does from this run's. */
    public Extent carried(Extent extent, Run is) {
        return Extent.between(carried(extent.from(), is), carried(extent.to(), is));
    }

    private Station carried(Station at, Run is) {
        long out = direction.sign() * (at.mm() - start.mm());
        return new Station(is.start.mm() + is.direction.sign() * out);
    }
}
