package hitch.media.clip;

import hitch.media.MediaException;
import java.io.Serial;

/** A file whose recorder stopped before it wrote where the pictures lie; they may be found by scanning. */
public final class UnwrittenIndexException extends MediaException {
    @Serial
    private static final long serialVersionUID = 1;

    UnwrittenIndexException(String file) {
        super(file + " was never finished: its recorder stopped before writing where the pictures lie. Nothing was "
                + "changed. Its pictures may be found by scanning: ./hitch recover " + file
                + " --like ANOTHER --out recovered.mp4, or drop it on Load beside a whole clip of the same recorder.");
    }
}
