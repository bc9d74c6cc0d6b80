package hitch.core.disclosure;

import hitch.core.job.OwnShot;
import hitch.core.job.ShotChange;
import hitch.core.job.StoryChanges;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;

/** What people changed in the story of one recipient, told without names that stay here. */
public final class StoryShown {
    private final StoryChanges changes;
    private final Recipient recipient;
    private final UnaryOperator<String> told;

    StoryShown(StoryChanges changes, Recipient recipient, UnaryOperator<String> told) {
        this.changes = changes;
        this.recipient = recipient;
        this.told = told;
    }

    /** What was changed in a shot. */
    public ShotChange change(String shot) {
        ShotChange change = changes.at(recipient.word(), shot);
        return change.narration()
                .map(n -> change.saying(told.apply(n), change.writtenOn()))
                .orElse(change);
    }

    /** The shots that were put in. */
    public List<OwnShot> own() {
        return changes.own(recipient.word()).stream()
                .map(s -> new OwnShot(
                        s.key(),
                        s.kind(),
                        s.frame(),
                        told.apply(s.title()),
                        s.rows().stream().map(told).toList()))
                .toList();
    }

    /** Whether somebody looked at something once more and found it fine. */
    public boolean isLookedAt(String key) {
        return changes.looked().getOrDefault(recipient.word(), Set.of()).contains(key);
    }

    /** The key that the next shot put in takes. */
    public String nextOwn() {
        return changes.nextOwn(recipient.word());
    }
}
