package hitch.media.clip;

import hitch.core.counter.sight.CounterFinder;
import hitch.core.counter.sight.GreyPicture;
import hitch.core.counter.sight.Region;
import hitch.core.footage.FrameIndex;
import hitch.media.MediaException;
import hitch.media.Progress;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Shows a finder of counters some pictures spread over a clip: keyframes where there are enough of them. */
final class CounterLooks {
    /** Pictures looked at. */
    private static final int LOOKS = 40;
    /** Keyframes that are enough. */
    private static final int ENOUGH = 20;

    private final Path file;
    private final ClipIndex index;
    private final Optional<Region> inside;
    private final CounterFinder finder;
    private Region picture = new Region(0, 0, 1, 1);

    /**
     * @param inside the part of the pictures to show; empty for all of it
     */
    CounterLooks(Path file, ClipIndex index, Optional<Region> inside, CounterFinder finder) {
        this.file = file;
        this.index = index;
        this.inside = inside;
        this.finder = finder;
    }

    void show(Progress progress) throws MediaException {
        List<Integer> keys = keys();
        if (keys.size() < ENOUGH) {
            showAny(progress);
            return;
        }
        try (KeyPictures pictures = new KeyPictures(file, index)) {
            for (int i = 0; i < keys.size(); i++) {
                int number = keys.get(i);
                pictures.grey(number).ifPresent(p -> look(number, p));
                progress.at((double) i / keys.size(), "finding the counter");
            }
        }
    }

    /** Keyframes, evenly spread. */
    private List<Integer> keys() {
        List<Integer> all = new ArrayList<>();
        for (int n = 0; n < index.frames().count(); n++) {
            if (index.frames().isKey(n)) {
                all.add(n);
            }
        }
        if (all.size() <= LOOKS) {
            return all;
        }
        List<Integer> some = new ArrayList<>();
        for (int i = 0; i < LOOKS; i++) {
            some.add(all.get((int) ((i + 0.5) * all.size() / LOOKS)));
        }
        return some;
    }

    private void showAny(Progress progress) throws MediaException {
        int looks = Math.min(LOOKS, index.frames().count());
        try (FrameReader reader = new FrameReader(file, index, PictureShape.AS_STORED)) {
            for (int i = 0; i < looks; i++) {
                int number = (int) ((i + 0.5) * index.frames().count() / looks);
                look(number, reader.grey(number));
                progress.at((double) i / looks, "finding the counter");
            }
        }
    }

    /** The whole of the pictures that were looked at. */
    Region picture() {
        return picture;
    }

    private void look(int number, GreyPicture picture) {
        this.picture = new Region(0, 0, picture.width(), picture.height());
        FrameIndex frames = index.frames();
        double seconds = frames.base().seconds(frames.pts(number) - frames.firstPts());
        finder.look(seconds, inside.map(picture::crop).orElse(picture));
    }
}
