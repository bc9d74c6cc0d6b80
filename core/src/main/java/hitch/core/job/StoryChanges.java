package hitch.core.job;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What people changed in the stories of a job, for each recipient. A change whose shot is not there just now is kept, for it may come back.
 *
 * @param of the changes of each recipient by the key of the shot, by the recipient's word
 * @param own shots that were put in, by the recipient's word
 * @param looked what was looked at once more before it went out, likewise
 */
public record StoryChanges(
        Map<String, Map<String, ShotChange>> of, Map<String, List<OwnShot>> own, Map<String, Set<String>> looked) {
    public static final StoryChanges NONE = new StoryChanges(Map.of(), Map.of(), Map.of());

    public StoryChanges {
        of = Map.copyOf(of);
        own = Map.copyOf(own);
        looked = Map.copyOf(looked);
    }

    public ShotChange at(String recipient, String shot) {
        return of.getOrDefault(recipient, Map.of()).getOrDefault(shot, ShotChange.NONE);
    }

    /** The shots that were put into a recipient's story, in the order they came. */
    public List<OwnShot> own(String recipient) {
        return own.getOrDefault(recipient, List.of());
    }

    /** The key that the next shot put into a recipient's story takes; one that was taken out again gives its key up. */
    public String nextOwn(String recipient) {
        return OwnShot.KEYS
                + (own(recipient).stream()
                                .mapToInt(s -> Integer.parseInt(s.key().substring(OwnShot.KEYS.length())))
                                .max()
                                .orElse(0)
                        + 1);
    }

    StoryChanges with(String recipient, String shot, ShotChange change) {
        return with(new Edit.ArrangeShots(recipient, Map.of(shot, change), List.of(), List.of()));
    }

    StoryChanges with(Edit.ArrangeShots arranged) {
        Map<String, ShotChange> its = new LinkedHashMap<>(of.getOrDefault(arranged.recipient(), Map.of()));
        arranged.changes().forEach((shot, change) -> {
            if (change.equals(ShotChange.NONE)) {
                its.remove(shot);
            } else {
                its.put(shot, change);
            }
        });
        List<OwnShot> shots = new ArrayList<>(own(arranged.recipient()));
        for (OwnShot put : arranged.put()) {
            shots.removeIf(s -> s.key().equals(put.key()));
            shots.add(put);
        }
        shots.removeIf(s -> arranged.removed().contains(s.key()));
        arranged.removed().forEach(its::remove);
        return new StoryChanges(
                with(of, arranged.recipient(), Map.copyOf(its)),
                with(own, arranged.recipient(), List.copyOf(shots)),
                looked);
    }

    StoryChanges with(Edit.LookOver fine) {
        Set<String> keys = new LinkedHashSet<>(looked.getOrDefault(fine.recipient(), Set.of()));
        keys.addAll(fine.keys());
        return new StoryChanges(of, own, with(looked, fine.recipient(), Set.copyOf(keys)));
    }

    private static <T> Map<String, T> with(Map<String, T> all, String recipient, T its) {
        Map<String, T> next = new LinkedHashMap<>(all);
        next.put(recipient, its);
        return next;
    }
}
