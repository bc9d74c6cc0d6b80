package hitch.core.story;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What of a film a person looks at once more before it goes out: what it shows from above ground, where houses, plates and people are, and the names
 * that are spoken in it.
 *
 * @param all in the order of the film
 */
public record LastLook(List<Item> all) {
    /**
     * One thing to look at.
     *
     * @param key what it goes by: it is another once the shot shows or says something else
     * @param title of the shot
     * @param frame what is shown from above ground; none for a name
     * @param name the name that is spoken; blank for what is shown
     * @param hidden what of it is hidden already
     * @param isLookedAt whether somebody said that it is fine
     */
    public record Item(
            String key, String title, Optional<FrameRef> frame, String name, List<String> hidden, boolean isLookedAt) {}

    public LastLook {
        all = List.copyOf(all);
    }

    public static LastLook of(Disclosure may, Story story) {
        List<Item> all = new ArrayList<>();
        for (Shot shot : story.shots()) {
            Set<ClipId> shown = new LinkedHashSet<>();
            for (FrameRef frame : shot.shown()) {
                if (isAbove(may, frame) && shown.add(frame.clip())) {
                    List<String> hidden = may.keptBack().hidden(frame.clip());
                    String key = "above " + shot.key() + " " + frame.clip() + " " + frame.pts() + " " + hidden.size();
                    all.add(item(may, key, shot, Optional.of(frame), "", hidden));
                }
            }
            for (String name : may.namesIn(shot.narration())) {
                all.add(item(may, "name " + shot.key() + " " + name, shot, Optional.empty(), name, List.of()));
            }
        }
        return new LastLook(all);
    }

    private static Item item(
            Disclosure may, String key, Shot shot, Optional<FrameRef> frame, String name, List<String> hidden) {
        return new Item(key, shot.title(), frame, name, hidden, may.story().isLookedAt(key));
    }

    /** A photograph, or a clip that no trip of the camera is on. */
    private static boolean isAbove(Disclosure may, FrameRef frame) {
        boolean onTrip = may.runs().stream().anyMatch(r -> r.clips().contains(frame.clip()));
        return may.source(frame.clip()).map(Clip::photo).orElse(false)
                || !onTrip && !may.footage().isInPipe(frame.clip());
    }

    /** What nobody looked at yet. */
    public List<Item> open() {
        return all.stream().filter(i -> !i.isLookedAt()).toList();
    }
}
