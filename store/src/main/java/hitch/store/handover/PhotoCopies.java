package hitch.store.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.exchange.PhotoRow;
import hitch.core.footage.Clip;
import hitch.core.survey.told.Photos.Photo;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.PictureShape;
import hitch.media.render.SeenPicture;
import hitch.media.render.Still;
import hitch.store.Footage;
import java.nio.file.Path;
import java.util.List;

/** Writes the photographs that a recipient gets: their pictures, upright, and nothing else of their files. */
final class PhotoCopies {
    private final Disclosure may;
    private final Footage footage;

    PhotoCopies(Disclosure may, Footage footage) {
        this.may = may;
        this.footage = footage;
    }

    /**
     * @throws MediaException where one is missing or was changed
     */
    void write(Path out) throws MediaException {
        List<Photo> photos = may.photos();
        List<PhotoRow> rows = PhotoRow.of(may);
        for (int i = 0; i < rows.size(); i++) {
            Clip source = may.source(photos.get(i).clip().id()).orElseThrow();
            footage.verify(source, Progress.NONE);
            try (FrameReader reader = footage.reader(source, PictureShape.AS_SHOWN)) {
                Picture stored = reader.frame(0);
                Picture shown = SeenPicture.of(may, source.id(), stored);
                Still.savePhoto(shown, out.resolve(rows.get(i).file()));
            }
        }
    }
}
