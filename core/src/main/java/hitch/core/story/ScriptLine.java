package hitch.core.story;

import hitch.core.disclosure.Disclosure;
import hitch.core.job.ShotChange;

/**
 * A shot as it was proposed, with what a person made of it.
 *
 * @param proposed as it follows from the record
 * @param shot as it is told
 * @param change what was changed
 */
public record ScriptLine(Shot proposed, Shot shot, ShotChange change) {
    /** A proposed shot with what a person changed in it for whom it is told to. */
    static ScriptLine of(Shot proposed, Disclosure may) {
        return new ScriptLine(proposed, Changed.of(proposed, may), may.story().change(proposed.key()));
    }

    public boolean isLeftOut() {
        return change.leftOut();
    }

    public boolean isReworded() {
        return change.narration().isPresent();
    }

    /** Whether its words were written on facts that are no longer so. */
    public boolean isStale() {
        return isReworded() && !change.writtenOn().equals(proposed.facts());
    }
}
