package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avcodec.AVDISCARD_ALL;
import static org.bytedeco.ffmpeg.global.avcodec.AV_FIELD_PROGRESSIVE;
import static org.bytedeco.ffmpeg.global.avcodec.AV_FIELD_UNKNOWN;
import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_DATA_DISPLAYMATRIX;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_get_name;
import static org.bytedeco.ffmpeg.global.avformat.AVFMT_TS_DISCONT;
import static org.bytedeco.ffmpeg.global.avformat.AVSEEK_FLAG_BACKWARD;
import static org.bytedeco.ffmpeg.global.avformat.AVSEEK_FLAG_BYTE;
import static org.bytedeco.ffmpeg.global.avformat.av_find_best_stream;
import static org.bytedeco.ffmpeg.global.avformat.av_guess_sample_aspect_ratio;
import static org.bytedeco.ffmpeg.global.avformat.av_read_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_seek_frame;
import static org.bytedeco.ffmpeg.global.avformat.avformat_close_input;
import static org.bytedeco.ffmpeg.global.avformat.avformat_find_stream_info;
import static org.bytedeco.ffmpeg.global.avformat.avformat_open_input;
import static org.bytedeco.ffmpeg.global.avformat.avio_size;
import static org.bytedeco.ffmpeg.global.avutil.AVERROR_EOF;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_AUDIO;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_VIDEO;
import static org.bytedeco.ffmpeg.global.avutil.AV_DICT_IGNORE_SUFFIX;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_get;
import static org.bytedeco.ffmpeg.global.avutil.av_display_rotation_get;

import hitch.core.footage.TimeBase;
import hitch.media.MediaException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecParameters;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avcodec.AVPacketSideData;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVDictionaryEntry;
import org.bytedeco.ffmpeg.avutil.AVRational;
import org.bytedeco.javacpp.IntPointer;

/** A footage file opened read only, packet by packet. */
public final class Demuxer implements AutoCloseable {
    private static final int MOST_STUMBLES = 32;

    private final AVFormatContext context = new AVFormatContext(null);
    private final AVPacket packet = av_packet_alloc();
    private final Path file;
    private Photograph.Tags tags = Photograph.Tags.NONE;
    private int video = -1;
    private int audio = -1;
    private boolean ended;
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
        Openable.check(file);
        try {
            if (Rescue.mayHelp(file)) {
                throw new UnwrittenIndexException(name);
            }
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
            if (isPhoto()) {
                tags = Photograph.tags(file);
            }
        } catch (MediaException e) {
            close();
            throw e;
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

    /** Goes on as if the file had no sound. */
    void withoutSound() {
        audio = -1;
    }

    public int videoIndex() {
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
        // A recorder's file may stumble in the middle and go on; one that stumbles on the spot has ended.
        for (int tries = 0; tries < MOST_STUMBLES; tries++) {
            av_packet_unref(packet);
            int code = av_read_frame(context, packet);
            if (code >= 0) {
                return packet;
            }
            ended = code == AVERROR_EOF;
            if (ended) {
                return null;
            }
        }
        return null;
    }

    /** The next packet of the picture stream; null at the end. */
    public AVPacket nextPicture() {
        AVPacket found = next();
        while (found != null && found.stream_index() != video) {
            found = next();
        }
        return found;
    }

    /** Whether reading stopped because the file was at its end, not because it could not be read on. */
    boolean atEnd() {
        return ended;
    }

    /** Whether the file is a single picture. */
    boolean isPhoto() {
        return context.iformat().name().getString().matches("image2|[a-z0-9]+_pipe");
    }

    /** When the file says it was recorded; empty where it does not say. */
    String recorded() {
        return isPhoto() ? tags.taken() : note("creation_time");
    }

    /** Skips every stream but the picture, where the container lets them be skipped. */
    public void onlyPicture() {
        for (int i = 0; i < context.nb_streams(); i++) {
            if (i != video) {
                context.streams(i).discard(AVDISCARD_ALL);
            }
        }
    }

    /** Whether the container's clock may jump, so that only places in the file are sure. */
    boolean clockMayJump() {
        return (context.iformat().flags() & AVFMT_TS_DISCONT) != 0;
    }

    /** Goes to a place in the file; false where the container cannot. */
    boolean seekByte(long pos) {
        return av_seek_frame(context, -1, pos, AVSEEK_FLAG_BYTE) >= 0;
    }

    /** Goes to the last keyframe at or before {@code pts}; false where the container cannot. */
    boolean trySeek(long pts) {
        return av_seek_frame(context, video, pts, AVSEEK_FLAG_BACKWARD) >= 0;
    }

    /** Goes to the last keyframe of {@code stream} at or before {@code pts}. */
    public void seek(int stream, long pts) throws MediaException {
        Libav.check(
                av_seek_frame(context, stream, pts, AVSEEK_FLAG_BACKWARD),
                file.getFileName() + " could not be read at that time.");
    }

    /** Length of the file, bytes; 0 where it cannot be told. */
    long bytes() {
        return Math.max(0, avio_size(context.pb()));
    }

    /** Short name of the container: the one of its many that the file's ending asks for, else the first. */
    String container() {
        String[] names = context.iformat().name().getString().split(",");
        String ending = file.getFileName().toString().replaceAll(".*\\.", "").toLowerCase(Locale.ROOT);
        return Arrays.asList(names).contains(ending) ? ending : names[0];
    }

    /** Frames a second by the file's own word; 0 where it has none. */
    double namedRate() {
        double rate = fraction(video().avg_frame_rate());
        double guess = fraction(video().r_frame_rate());
        return rate > 0 && rate < 1000 ? rate : guess > 0 && guess < 1000 ? guess : 0;
    }

    /** How many pictures the file's own index says there are; 0 where it says nothing or only guesses. */
    long namedFrames() {
        return seemsCut() ? Math.max(0, video().nb_frames()) : 0;
    }

    /** Length in seconds by the file's own word; 0 where it has none. */
    double namedSeconds() {
        double whole = context.duration() <= 0 ? 0 : context.duration() / 1e6;
        double rate = namedRate();
        double counted = rate > 0 ? video().nb_frames() / rate : 0;
        double own = video().duration() <= 0 ? 0 : base(video()).seconds(video().duration());
        return Math.max(whole, Math.max(counted, own));
    }

    /** Whether the container keeps its length in writing, so that a shorter file was cut off. */
    boolean seemsCut() {
        return !clockMayJump() && context.iformat().name().getString().matches(".*(mp4|avi|matroska|asf).*");
    }

    private static double fraction(AVRational r) {
        return r.den() == 0 ? 0 : (double) r.num() / r.den();
    }

    public ClipFacts.PictureStream pictureStream() {
        AVCodecParameters par = video().codecpar();
        AVRational aspect = av_guess_sample_aspect_ratio(context, video(), null);
        boolean told = aspect.num() > 0 && aspect.den() > 0;
        int order = par.field_order();
        return new ClipFacts.PictureStream(
                avcodec_get_name(par.codec_id()).getString(),
                par.width(),
                par.height(),
                told ? aspect.num() : 1,
                told ? aspect.den() : 1,
                isPhoto() ? tags.turn() : turn(par),
                tags.mirrored(),
                order != AV_FIELD_UNKNOWN && order != AV_FIELD_PROGRESSIVE);
    }

    private static int turn(AVCodecParameters par) {
        for (int i = 0; i < par.nb_coded_side_data(); i++) {
            AVPacketSideData side = new AVPacketSideData(par.coded_side_data()).getPointer(i);
            if (side.type() == AV_PKT_DATA_DISPLAYMATRIX) {
                double anticlockwise = av_display_rotation_get(new IntPointer(side.data()));
                return Double.isNaN(anticlockwise) ? 0 : Math.floorMod(-(int) Math.round(anticlockwise / 90) * 90, 360);
            }
        }
        return 0;
    }

    Optional<ClipFacts.SoundStream> soundStream() {
        if (!hasSound()) {
            return Optional.empty();
        }
        AVCodecParameters par = audio().codecpar();
        return Optional.of(new ClipFacts.SoundStream(
                avcodec_get_name(par.codec_id()).getString(),
                par.sample_rate(),
                par.ch_layout().nb_channels()));
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
