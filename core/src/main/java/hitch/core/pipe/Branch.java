package hitch.core.pipe;

import hitch.core.measure.Station;
import java.util.Optional;

/**
 * A pipe that joins the line, or another branch. Its stations go on those of the pipe it joins: what lies ten feet up the
 * branch stands ten feet before its join, so that stations rise with the flow everywhere and the way to the main is
 * reckoned alike from anywhere.
 *
 * @param name what people call it, such as {@code kitchen}; not blank
 * @param into the branch it joins; empty for the line itself
 * @param join station of its join, where it was typed
 * @param tieIn id of the tie-in finding that is its join, where one was chosen; else the tie-in that names it
 */
public record Branch(String name, Optional<String> into, Optional<Station> join, Optional<String> tieIn) {
    /** The name under which the line itself goes among branches. */
    public static final String LINE = "";

    /** The name of the public main, into which the line flows. Names that people give have no blank before them. */
    public static final String MAIN = " the main";

    public Branch {
        if (name.isBlank()) {
            throw new IllegalArgumentException("a branch has a name");
        }
    }

    /** A branch of the line whose join is to be found among the tie-ins. */
    public static Branch named(String name) {
        return new Branch(name, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** The same branch, flowing into another pipe; empty for the line itself. */
    public Branch intoPipe(Optional<String> other) {
        return new Branch(name, other, join, tieIn);
    }

    /** The same branch with its join at a station that was typed; empty where the tie-in tells. */
    public Branch joiningAt(Optional<Station> station) {
        return new Branch(name, into, station, tieIn);
    }

    /** The same branch with a tie-in chosen as its join; empty for the one that names it. */
    public Branch joiningAtTieIn(Optional<String> finding) {
        return new Branch(name, into, join, finding);
    }
}
