package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;

import hitch.core.counter.sight.GreyPicture;
import hitch.media.MediaException;
import java.nio.file.Path;
import java.util.Optional;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/** The brightness of keyframes, each decoded by itself with none of its neighbours. */
final class KeyPictures implements AutoCloseable {
    private final PacketTable table;
    private final PictureDecoder decoder;
    private final PacketCursor cursor;
    private final LumaPlane luma = new LumaPlane();
    private final AVFrame frame = av_frame_alloc();

    KeyPictures(Path file, ClipIndex index) throws MediaException {
        table = index.packets();
        Demuxer demuxer = new Demuxer(file);
        try {
            demuxer.onlyPicture();
            // One thread gives a picture as soon as it has its packet.
            decoder = new PictureDecoder(demuxer, 1);
        } catch (MediaException e) {
            demuxer.close();
            throw e;
        }
        cursor = new PacketCursor(demuxer, table);
    }

    /** Keyframe {@code number}; empty where it cannot be decoded alone. */
    Optional<GreyPicture> grey(int number) throws MediaException {
        cursor.goTo(table.startFor(number));
        decoder.restart();
        int ordinal = cursor.ordinal();
        AVPacket packet = cursor.read();
        if (packet == null || !decoder.send(packet, ordinal)) {
            return Optional.empty();
        }
        decoder.end();
        return decoder.receive(frame) ? Optional.of(luma.of(frame)) : Optional.empty();
    }

    @Override
    public void close() {
        luma.close();
        av_frame_free(frame);
        decoder.close();
        cursor.close();
    }
}
