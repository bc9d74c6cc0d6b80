package hitch.store;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.Job;
import java.util.HashMap;
import java.util.Map;

/**
 * Gives the clips of one job their ids, in one place: the same footage always the same, other footage never one that is
 * taken, also while several files are being read and none of them is in the job yet. Safe to use from several threads.
 */
final class ClipIds {
    private final Map<String, ClipId> given = new HashMap<>();

    /**
     * @param base the id it gets where that is free, from its file's name
     * @param sha256 its fingerprint
     */
    synchronized ClipId of(String base, String sha256, Job job) {
        for (Clip clip : job.clips()) {
            if (clip.sha256().equals(sha256)) {
                return clip.id();
            }
        }
        ClipId known = given.get(sha256);
        if (known != null && job.clip(known).isEmpty()) {
            return known;
        }
        ClipId id = new ClipId(base);
        for (int i = 2; job.clip(id).isPresent() || given.containsValue(id); i++) {
            id = new ClipId(base + "-" + i);
        }
        given.put(sha256, id);
        return id;
    }
}
