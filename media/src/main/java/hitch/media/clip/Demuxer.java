package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avformat.AVSEEK_FLAG_BACKWARD;
import static org.bytedeco.ffmpeg.global.avformat.av_find_best_stream;
import static org.bytedeco.ffmpeg.global.avformat.av_read_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_seek_frame;
import static org.bytedeco.ffmpeg.global.avformat.avformat_close_input;
import static org.bytedeco.ffmpeg.global.avformat.avformat_find_stream_info;
import static org.bytedeco.ffmpeg.global.avformat.avformat_open_input;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_AUDIO;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_VIDEO;
import static org.bytedeco.ffmpeg.global.avutil.AV_DICT_IGNORE_SUFFIX;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_get;

import hitch.core.footage.TimeBase;
import hitch.media.MediaException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVDictionaryEntry;

/** A footage file opened read only, packet by packet. */
public final class Demuxer implements AutoCloseable {
    private final AVFormatContext context = new AVFormatContext(null);
    private final AVPacket packet = av_packet_alloc();
    private final Path file;
    private int video = -1;
    private int audio = -1;
    private boolean closed;

    /**
     * Opens {@code file}.
     *
     * @throws MediaException in plain words when it is missing, empty, not footage, or has no picture
     */
    public Demuxer(Path file) throws MediaException {
        Libav.start();
        this.file = file;
        String name = file.getFileName().toString();
        refuseUnreadable(file, name);
        try {
            Libav.check(
                    avformat_open_input(context, file.toAbsolutePath().toString(), null, null),
                    name + " is not a video that can be read, or it is cut off. Nothing was changed. "
                            + "Copy it again from the recorder, or leave it out.");
            Libav.check(
                    avformat_find_stream_info(context, (AVDictionary) null),
                    name + " holds no stream that can be read. Copy it again from the recorder.");
            video = av_find_best_stream(context, AVMEDIA_TYPE_VIDEO, -1, -1, (AVCodec) null, 0);
            audio = av_find_best_stream(context, AVMEDIA_TYPE_AUDIO, -1, -1, (AVCodec) null, 0);
            if (video < 0) {
                throw new MediaException(name + " has no picture, only " + (audio < 0 ? "data" : "sound")
                        + ". It cannot be footage; leave it out.");
            }
        } catch (MediaException e) {
            close();
            throw e;
        }
    }

    private static void refuseUnreadable(Path file, String name) throws MediaException {
        try {
            if (!Files.exists(file)) {
                throw new MediaException(name + " is not at " + file.toAbsolutePath()
                        + ". Put it back there, or choose where it is now.");
            }
            if (Files.isDirectory(file)) {
                throw new MediaException(name + " is a folder, not a clip.");
            }
            if (Files.size(file) == 0) {
                throw new MediaException(name + " is empty (0 bytes). Copy it again from the recorder.");
            }
        } catch (IOException e) {
            throw new MediaException(name + " cannot be read: " + e.getMessage(), e);
        }
    }

    public Path file() {
        return file;
    }

    AVFormatContext context() {
        return context;
    }

    AVStream video() {
        return context.streams(video);
    }

    AVStream audio() {
        return context.streams(audio);
    }

    public boolean hasSound() {
        return audio >= 0;
    }

    int videoIndex() {
        return video;
    }

    int audioIndex() {
        return audio;
    }

    TimeBase base(AVStream stream) {
        return new TimeBase(stream.time_base().num(), stream.time_base().den());
    }

    /** The next packet of any stream, valid until the next call; null at the end. */
    AVPacket next() {
        av_packet_unref(packet);
        return av_read_frame(context, packet) < 0 ? null : packet;
    }

    /** Goes to the last keyframe of {@code stream} at or before {@code pts}. */
    void seek(int stream, long pts) throws MediaException {
        Libav.check(
                av_seek_frame(context, stream, pts, AVSEEK_FLAG_BACKWARD),
                file.getFileName() + " could not be read at that time.");
    }

    /** A note of the container, such as its creation time; empty where it has none. */
    String note(String key) {
        AVDictionaryEntry entry = av_dict_get(context.metadata(), key, null, AV_DICT_IGNORE_SUFFIX);
        return entry == null || entry.value() == null ? "" : entry.value().getString();
    }

    @Override
    public void close() {
        if (!closed) {
            closed = true;
            av_packet_free(packet);
            avformat_close_input(context);
        }
    }
}
