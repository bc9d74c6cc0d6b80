package hitch.core.counter.sight;

import hitch.core.counter.Counted;
import hitch.core.measure.LengthUnit;
import java.util.List;

/**
 * What a clip's counter comes to.
 *
 * @param path the cable's most likely path, in the counter's own unit
 * @param moments the counter at each moment that was looked at; where it is not known for sure which way up the counter
 *     stands or what it counts in, no moment is trusted much
 * @param unit what it counts in
 * @param turns how the counter stands, from which moment on, in order of time
 * @param upSure whether it is clear which way up it stands
 */
public record CounterFit(
        CablePath path, List<CablePath.Moment> moments, UnitWeigher.Found unit, List<Turn> turns, boolean upSure) {
    /**
     * From when on the counter stands so.
     *
     * @param seconds time in the clip
     * @param turned whether it stands on its head
     */
    public record Turn(double seconds, boolean turned) {}

    public CounterFit {
        moments = List.copyOf(moments);
        turns = List.copyOf(turns);
    }

    /** What the counter as a whole is taken for. */
    public Counted counted() {
        LengthUnit length = switch (unit.unit()) {
            case FEET, UNSAID -> LengthUnit.FEET;
            case FEET_INCHES -> LengthUnit.FEET_INCHES;
            case METRES -> LengthUnit.METRES;
        };
        return new Counted(length, unit.sure(), upSure);
    }
}
