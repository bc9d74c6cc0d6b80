package hitch.core.note.grammar;

import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.Degree;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.note.Act;
import hitch.core.pipe.PipeSize;
import hitch.core.pipe.Wall;

/** What a part of a note means. */
sealed interface Meaning {
    /** Something that can be in a pipe; {@code weak} where the word often means something else. */
    record Thing(FindingKind kind, boolean weak) implements Meaning {}

    /** Something done or asked for; {@code weak} where the word often means something else. */
    record Doing(Act act, boolean weak) implements Meaning {}

    record MadeOf(Wall wall) implements Meaning {}

    record Round(ClockPosition clock, boolean weak) implements Meaning {}

    record Much(Degree degree) implements Meaning {}

    record Sure(Certainty certainty) implements Meaning {}

    record Joined(Glue glue, boolean weak) implements Meaning {}

    record Number(double value) implements Meaning {}

    /**
     * A number with a unit of length, before it is settled what it measures.
     *
     * @param value the number as said
     * @param small whether it was said in inches, millimetres or centimetres
     * @param singular whether the unit was said as one ("a ten foot sag")
     */
    record Amount(Distance length, double value, boolean small, boolean singular) implements Meaning {}

    /** A word or sign without a meaning of its own. */
    record Plain(String text) implements Meaning {}

    /** A distance along the run, both ends equal for a point. */
    record Place(Distance from, Distance to) implements Meaning {
        static Place at(Distance point) {
            return new Place(point, point);
        }
    }

    /** "Here": the place on show. */
    record Here() implements Meaning {}

    record Length(Distance length) implements Meaning {}

    record Size(Distance size) implements Meaning {}

    record Deep(Distance depth) implements Meaning {}

    record Share(int percent) implements Meaning {}

    record Angle(int degrees) implements Meaning {}

    /** A pipe by material, size or both. */
    record Pipe(hitch.core.pipe.Pipe part) implements Meaning {
        static Pipe of(int inches) {
            return new Pipe(hitch.core.pipe.Pipe.of(PipeSize.inches(inches)));
        }
    }

    /** A number that counts something else. */
    record Other() implements Meaning {}
}
