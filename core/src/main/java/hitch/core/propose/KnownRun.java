package hitch.core.propose;

import hitch.core.run.Run;
import java.util.List;

/**
 * A run that is there already, with what was passed on it.
 *
 * @param run the run
 * @param passed the tie-ins of it, in any order
 */
public record KnownRun(Run run, List<Passed> passed) {
    public KnownRun {
        passed = List.copyOf(passed);
    }
}
