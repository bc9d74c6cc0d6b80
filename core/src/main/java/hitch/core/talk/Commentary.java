package hitch.core.talk;

import hitch.core.caption.Cue;
import hitch.core.footage.ClipId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Captions of what was said along a clip, and what the reviewer made of them.
 *
 * @param id name within the job
 * @param clip the clip it was spoken on
 * @param fileName the file it came from, without folder
 * @param cues the captions in order of time
 * @param offset added to the captions' time to give the clip's, seconds; may be negative
 * @param settled what became of drafts, by their keys
 */
public record Commentary(
        String id, ClipId clip, String fileName, List<Cue> cues, double offset, Map<String, Settled> settled) {
    public Commentary {
        cues = List.copyOf(cues);
        settled = settled == null ? Map.of() : java.util.Collections.unmodifiableMap(new LinkedHashMap<>(settled));
    }

    /**
     * What became of a draft.
     *
     * @param kept whether it was kept; else refused
     * @param finding the finding it went into, empty where it went into none
     */
    public record Settled(boolean kept, Optional<String> finding) {
        public static final Settled REFUSED = new Settled(false, Optional.empty());

        public Settled {
            finding = finding == null ? Optional.empty() : finding;
        }
    }

    /** The same in other words. */
    public Commentary with(List<Cue> others) {
        return new Commentary(id, clip, fileName, others, offset, settled);
    }

    public Commentary slidTo(double seconds) {
        return new Commentary(id, clip, fileName, cues, seconds, settled);
    }

    public Commentary settling(String key, Settled how) {
        Map<String, Settled> next = new LinkedHashMap<>(settled);
        next.put(key, how);
        return new Commentary(id, clip, fileName, cues, offset, next);
    }
}
