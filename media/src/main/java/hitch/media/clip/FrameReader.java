package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;

import hitch.core.counter.sight.GreyPicture;
import hitch.core.footage.FrameIndex;
import hitch.media.MediaException;
import java.nio.file.Path;
import java.util.Map;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/**
 * Gives exactly the frame asked for, in any order. It decodes from a keyframe and knows each frame by the number of its
 * packet, not by where a seek happened to land. One thread at a time.
 */
public final class FrameReader implements AutoCloseable {
    /** Packets to read on through rather than seek. */
    private static final int NEAR = 24;
    /** Keyframes to go back where decoding from one does not give the frame. */
    private static final int TRIES = 4;
    /** Bytes of decoded pictures kept at hand. */
    private static final long ROOM = 128L << 20;

    private final FrameIndex index;
    private final PacketTable table;
    private final PacketCursor cursor;
    private final PictureDecoder decoder;
    private final FrameShelf shelf;
    private final AVFrame decoded = av_frame_alloc();
    private final RgbConverter converter;
    private final LumaPlane luma = new LumaPlane();
    private boolean begun;
    private boolean ended;
    private int floor;
    private int reached = -1;
    private boolean closed;

    /** Reads frames upright and in square pixels, as a person is to see them. */
    public FrameReader(Path file, ClipIndex index) throws MediaException {
        this(file, index, PictureShape.AS_SHOWN);
    }

    public FrameReader(Path file, ClipIndex index, PictureShape shape) throws MediaException {
        this(file, index, shape, ROOM);
    }

    /** @param room bytes of pictures kept at hand */
    public FrameReader(Path file, ClipIndex index, PictureShape shape, long room) throws MediaException {
        this.index = index.frames();
        this.table = index.packets();
        Demuxer demuxer = new Demuxer(file);
        try {
            demuxer.onlyPicture();
            decoder = new PictureDecoder(demuxer, 2);
            converter = new RgbConverter(demuxer.pictureStream(), shape);
        } catch (MediaException e) {
            demuxer.close();
            throw e;
        }
        cursor = new PacketCursor(demuxer, table);
        shelf = new FrameShelf(room);
    }

    /**
     * The frame with number {@code number}, counted in presentation order from 0; kept within the clip. Where the file
     * is damaged there and no such frame can be decoded, the one before it is given, with that one's own time.
     */
    public Picture frame(int number) throws MediaException {
        Map.Entry<Integer, AVFrame> held = held(number);
        return converter.convert(held.getValue(), index.pts(held.getKey()));
    }

    private Map.Entry<Integer, AVFrame> held(int number) throws MediaException {
        int wanted = Math.clamp(number, 0, index.count() - 1);
        if (!shelf.has(wanted)) {
            decodeTo(wanted);
        }
        Map.Entry<Integer, AVFrame> held = shelf.nearest(wanted);
        if (held == null) {
            throw new MediaException(cursor.demuxer().file().getFileName() + " could not be decoded at "
                    + String.format("%.1f s", index.base().seconds(index.pts(wanted) - index.firstPts()))
                    + ". Nothing of it was changed; the rest can be used.");
        }
        return held;
    }

    /** Brightness of the frame with number {@code number}, as stored; the one before it where it is damaged. */
    public GreyPicture grey(int number) throws MediaException {
        return luma.of(held(number).getValue());
    }

    /** The frame on show at {@code pts}. */
    public Picture at(long pts) throws MediaException {
        return frame(index.numberAt(pts));
    }

    /** Whether {@link #frame} would answer without decoding. */
    public boolean isAtHand(int number) {
        return shelf.has(number);
    }

    private void decodeTo(int wanted) throws MediaException {
        int start = table.startFor(wanted);
        boolean onward = begun
                && !ended
                && wanted > reached
                && wanted >= floor
                && table.start(start).ordinal() <= cursor.ordinal() + NEAR;
        if (onward && decodeOn(wanted)) {
            return;
        }
        for (int i = 0; i < TRIES; i++) {
            restart(start);
            if (decodeOn(wanted) || start == 0) {
                return;
            }
            start--;
        }
    }

    private void restart(int start) throws MediaException {
        cursor.goTo(start);
        decoder.restart();
        // What comes out before the start itself leans on pictures that were not decoded.
        floor = Math.max(0, table.numberOf(table.start(start).ordinal()));
        begun = true;
        ended = false;
        reached = -1;
    }

    /** Decodes until frame {@code wanted} is on the shelf; false where it did not come. */
    private boolean decodeOn(int wanted) {
        while (true) {
            while (decoder.receive(decoded)) {
                int number = table.numberOf(decoded.pts());
                if (number < floor) {
                    continue;
                }
                shelf.put(number, decoded, wanted);
                reached = Math.max(reached, number);
                if (number >= wanted) {
                    return number == wanted || shelf.has(wanted);
                }
            }
            if (ended) {
                return false;
            }
            int ordinal = cursor.ordinal();
            AVPacket packet = cursor.read();
            if (packet == null || ordinal >= table.packets()) {
                ended = true;
                decoder.end();
            } else {
                // A packet that cannot be decoded is passed over; the frame before it stays on show.
                decoder.send(packet, ordinal);
            }
        }
    }

    @Override
    public void close() {
        if (!closed) {
            closed = true;
            converter.close();
            luma.close();
            shelf.close();
            av_frame_free(decoded);
            decoder.close();
            cursor.close();
        }
    }
}
