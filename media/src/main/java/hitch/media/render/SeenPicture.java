package hitch.media.render;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.media.clip.Picture;
import hitch.media.draw.Adjuster;
import hitch.media.draw.Cover;

/** A frame as a recipient may see it: every picture that leaves goes through here. */
public final class SeenPicture {
    private SeenPicture() {}

    /** As recorded, but for what is to be covered. */
    public static Picture plain(Disclosure may, ClipId clip, Picture stored) {
        return Cover.over(stored, may.keptBack().covered(clip));
    }

    /** The same through the adjustment that it is looked at with. */
    public static Picture of(Disclosure may, ClipId clip, Picture stored) {
        return Adjuster.apply(plain(may, clip, stored), may.adjustmentAt(new FrameRef(clip, stored.pts())));
    }
}
