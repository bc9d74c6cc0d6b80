package hitch.media.film;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.media.MediaException;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.PictureShape;
import hitch.media.render.SeenPicture;
import java.util.LinkedHashMap;
import java.util.Map;

/** The footage of a film, as its recipient may see it. Few clips are open at a time, since films go from one to the next and back. */
final class FilmFootage implements AutoCloseable {
    /** Bytes of decoded pictures kept at hand in each clip: a film goes forward, and seldom looks back. */
    private static final long ROOM = 24L << 20;

    private static final int OPEN = 2;

    private final Disclosure may;
    private final Map<ClipId, StoryRenderer.Source> sources;
    private final Map<ClipId, FrameReader> readers = new LinkedHashMap<>(8, 0.75f, true);

    FilmFootage(Disclosure may, Map<ClipId, StoryRenderer.Source> sources) {
        this.may = may;
        this.sources = sources;
    }

    FrameIndex frames(ClipId clip) {
        return sources.get(clip).index().frames();
    }

    /** A frame of a clip by its number, as it may be seen. */
    Picture at(ClipId clip, int number) throws MediaException {
        return SeenPicture.of(may, clip, reader(clip).at(frames(clip).pts(number)));
    }

    /** The frame that may be seen for a moment. */
    Picture at(FrameRef frame) throws MediaException {
        return at(frame.clip(), may.footage().at(frame, frames(frame.clip())));
    }

    private FrameReader reader(ClipId clip) throws MediaException {
        FrameReader known = readers.get(clip);
        if (known != null) {
            return known;
        }
        if (readers.size() >= OPEN) {
            ClipId oldest = readers.keySet().iterator().next();
            readers.remove(oldest).close();
        }
        StoryRenderer.Source source = sources.get(clip);
        FrameReader made = new FrameReader(source.file(), source.index(), PictureShape.AS_SHOWN, ROOM);
        readers.put(clip, made);
        return made;
    }

    @Override
    public void close() {
        readers.values().forEach(FrameReader::close);
        readers.clear();
    }
}
