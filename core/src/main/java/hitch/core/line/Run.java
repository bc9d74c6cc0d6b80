package hitch.core.line;

import hitch.core.counter.Distance;
import hitch.core.footage.ClipId;
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
 */
public record Run(
        RunId id,
        String name,
        Opening opening,
        Station start,
        Direction direction,
        Distance datum,
        List<ClipId> clips) {
    public Run {
        clips = List.copyOf(clips);
    }

    /** The same run with other footage. */
    public Run withClips(List<ClipId> others) {
        return new Run(id, name, opening, start, direction, datum, others);
    }

    /** The station of the camera head with {@code cable} millimetres paid out. */
    public Station stationOf(double cable) {
        return new Station(start.mm() + direction.sign() * Math.round(cable - datum.mm()));
    }

    /** The cable in millimetres that puts the camera head at {@code station}. */
    public double cableAt(Station station) {
        return (double) direction.sign() * (station.mm() - start.mm()) + datum.mm();
    }
}
