package hitch.core.note.grammar;

import hitch.core.detail.Count;
import hitch.core.detail.Detail;
import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.Degree;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import hitch.core.measure.Distance;
import hitch.core.pipe.PipeSize;
import hitch.core.pipe.Wall;
import java.util.Optional;

/** What a part of a note means. */
sealed interface Meaning {
    /** Something that can be in a pipe; {@code weak} where the word often means something else. */
    record Thing(FindingKind kind, boolean weak) implements Meaning {}

    /** Something done or asked for; {@code weak} where the word often means something else. */
    record Doing(Topic act, boolean weak) implements Meaning {}

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

        /** A bore as it was said; one in millimetres keeps them. */
        static Pipe of(Amount bore) {
            double said = bore.length().inInches();
            return said == bore.value() || bore.length().mm() % 5 != 0
                    ? of((int) bore.value())
                    : new Pipe(hitch.core.pipe.Pipe.of(new PipeSize(bore.length())));
        }
    }

    /** A detail with the text of its value. */
    record Said(Detail<?> detail, String value) implements Meaning {}

    /** A word that hints at something which only the words about it can settle: a surface, a part of the gear, a room. */
    record Clue(FindingKind kind, String value) implements Meaning {}

    /** A word that tells of something other than the pipe. */
    record Cue() implements Meaning {}

    /** A time that something took or takes: a number and its unit, short. */
    record Time(double value, String unit) implements Meaning {}

    /** So many of so many. */
    record Counted(Count count) implements Meaning {}

    /** A cleaning tool, with its width where it was told. */
    record Tool(String name, Optional<Distance> width) implements Meaning {}

    /** A distance from somewhere that is no opening: "twenty feet downstream", "the first twelve feet". */
    record Onward(Distance length) implements Meaning {}

    /** A number that counts something else. */
    record Other() implements Meaning {}
}
