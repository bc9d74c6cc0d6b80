package hitch.core.job;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What people changed in the stories of a job: for each recipient, by the key of the shot. A change whose shot is not there
 * just now is kept, for it may come back.
 *
 * @param of the changes of each recipient, by its word
 */
public record StoryChanges(Map<String, Map<String, ShotChange>> of) {
    public static final StoryChanges NONE = new StoryChanges(Map.of());

    public StoryChanges {
        of = Map.copyOf(of);
    }

    public ShotChange at(String recipient, String shot) {
        return of.getOrDefault(recipient, Map.of()).getOrDefault(shot, ShotChange.NONE);
    }

    StoryChanges with(String recipient, String shot, ShotChange change) {
        Map<String, ShotChange> its = new LinkedHashMap<>(of.getOrDefault(recipient, Map.of()));
        if (change.equals(ShotChange.NONE)) {
            its.remove(shot);
        } else {
            its.put(shot, change);
        }
        Map<String, Map<String, ShotChange>> next = new LinkedHashMap<>(of);
        next.put(recipient, Map.copyOf(its));
        return new StoryChanges(next);
    }
}
