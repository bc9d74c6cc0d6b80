package hitch.core.survey;

import hitch.core.finding.LocatedFinding;
import hitch.core.pipe.Fitting;
import java.util.OptionalInt;

/** How far a bend turns: as typed, else as its fitting is named. */
public final class Bends {
    private Bends() {}

    public static OptionalInt degrees(LocatedFinding bend) {
        return bend.finding()
                .traits()
                .angle()
                .map(OptionalInt::of)
                .orElseGet(() -> Fitting.degrees(bend.finding().wording()));
    }
}
