package hitch.media;

import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_FLAG_GLOBAL_HEADER;
import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_FLAG_INTERLACED_DCT;
import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_FLAG_INTERLACED_ME;
import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_DATA_DISPLAYMATRIX;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_rescale_ts;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_side_data_new;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_encoder_by_name;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_from_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_packet;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_frame;
import static org.bytedeco.ffmpeg.global.avformat.AVFMT_GLOBALHEADER;
import static org.bytedeco.ffmpeg.global.avformat.AVIO_FLAG_WRITE;
import static org.bytedeco.ffmpeg.global.avformat.av_interleaved_write_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_write_trailer;
import static org.bytedeco.ffmpeg.global.avformat.avformat_alloc_output_context2;
import static org.bytedeco.ffmpeg.global.avformat.avformat_free_context;
import static org.bytedeco.ffmpeg.global.avformat.avformat_new_stream;
import static org.bytedeco.ffmpeg.global.avformat.avformat_write_header;
import static org.bytedeco.ffmpeg.global.avformat.avio_closep;
import static org.bytedeco.ffmpeg.global.avformat.avio_open;
import static org.bytedeco.ffmpeg.global.avutil.AV_PICTURE_TYPE_NONE;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUVJ420P;
import static org.bytedeco.ffmpeg.global.avutil.av_display_rotation_set;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_make_writable;
import static org.bytedeco.ffmpeg.global.avutil.av_make_q;

import hitch.media.clip.Libav;
import java.nio.file.Path;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avcodec.AVPacketSideData;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.IntPointer;

/** Numbered footage in the containers and codings that recorders write, as odd as they come. */
public final class OddFootage {
    /**
     * How a file is written.
     *
     * @param name file name; its ending chooses the container
     * @param codec name of the bundled encoder
     * @param group frames from one keyframe to the next
     * @param reordered frames between two references that are shown before the second
     * @param interlaced whether pictures are coded as two fields
     * @param first time of the first frame, frames
     * @param every which frames are kept: all but those whose number leaves 3 to 6 by this; 0 keeps all
     * @param aspect width of a pixel in ninths of its height
     * @param turn degrees clockwise that players are told to turn it
     */
    public record Recipe(
            String name,
            String codec,
            int group,
            int reordered,
            boolean interlaced,
            int first,
            int every,
            int aspect,
            int turn) {
        public static Recipe of(String name, String codec) {
            return new Recipe(name, codec, 20, 0, false, 0, 0, 9, 0);
        }

        public Recipe reordered(int frames) {
            return new Recipe(name, codec, group, frames, interlaced, first, every, aspect, turn);
        }

        public Recipe asFields() {
            return new Recipe(name, codec, group, reordered, true, first, every, aspect, turn);
        }

        public Recipe from(int frame) {
            return new Recipe(name, codec, group, reordered, interlaced, frame, every, aspect, turn);
        }

        public Recipe uneven(int by) {
            return new Recipe(name, codec, group, reordered, interlaced, first, by, aspect, turn);
        }

        public Recipe shaped(int ninths) {
            return new Recipe(name, codec, group, reordered, interlaced, first, every, ninths, turn);
        }

        public Recipe turned(int degrees) {
            return new Recipe(name, codec, group, reordered, interlaced, first, every, aspect, degrees);
        }

        /** Whether frame {@code n} is in the file. */
        public boolean has(int n) {
            return every == 0 || n % every < 3 || n % every > 6;
        }

        @Override
        public String toString() {
            return name + " " + codec;
        }
    }

    private final AVFormatContext container = new AVFormatContext(null);
    private final AVIOContext io = new AVIOContext(null);
    private final AVFrame frame = av_frame_alloc();
    private final AVPacket packet = av_packet_alloc();
    private final Recipe recipe;
    private AVCodecContext codec;
    private AVStream stream;

    private OddFootage(Recipe recipe) {
        this.recipe = recipe;
    }

    /** Writes frames 0 to {@code frames}, without those the recipe leaves out. */
    public static Path write(Path folder, Recipe recipe, int frames) throws MediaException {
        Libav.start();
        Path out = folder.resolve(recipe.name());
        new OddFootage(recipe).run(out, frames);
        return out;
    }

    private void run(Path out, int frames) throws MediaException {
        Libav.check(avformat_alloc_output_context2(container, null, null, out.toString()), "no container");
        AVCodec kind = avcodec_find_encoder_by_name(recipe.codec());
        open(kind);
        Libav.check(avio_open(io, out.toString(), AVIO_FLAG_WRITE), "no file");
        container.pb(io);
        Libav.check(avformat_write_header(container, (AVDictionary) null), "no header");
        for (int n = 0; n < frames; n++) {
            if (recipe.has(n)) {
                draw(n);
                frame.pts(n + recipe.first());
                send(frame);
            }
        }
        send(null);
        Libav.check(av_write_trailer(container), "no trailer");
        avio_closep(io);
        avformat_free_context(container);
        av_frame_free(frame);
        av_packet_free(packet);
        avcodec_free_context(codec);
    }

    private void open(AVCodec kind) throws MediaException {
        boolean full = recipe.codec().equals("mjpeg");
        codec = avcodec_alloc_context3(kind);
        codec.width(NumberedFootage.WIDTH);
        codec.height(NumberedFootage.HEIGHT);
        codec.pix_fmt(full ? AV_PIX_FMT_YUVJ420P : AV_PIX_FMT_YUV420P);
        codec.time_base(av_make_q(1, NumberedFootage.RATE));
        codec.framerate(av_make_q(NumberedFootage.RATE, 1));
        codec.gop_size(recipe.group());
        codec.bit_rate(500_000);
        codec.sample_aspect_ratio(av_make_q(recipe.aspect(), 9));
        if (recipe.reordered() > 0) {
            codec.max_b_frames(recipe.reordered());
        }
        int flags = codec.flags();
        if (recipe.interlaced()) {
            flags |= AV_CODEC_FLAG_INTERLACED_DCT | AV_CODEC_FLAG_INTERLACED_ME;
        }
        if ((container.oformat().flags() & AVFMT_GLOBALHEADER) != 0) {
            flags |= AV_CODEC_FLAG_GLOBAL_HEADER;
        }
        codec.flags(flags);
        Libav.check(avcodec_open2(codec, kind, (AVDictionary) null), "no encoder " + recipe.codec());
        stream = avformat_new_stream(container, null);
        stream.time_base(codec.time_base());
        stream.avg_frame_rate(codec.framerate());
        stream.sample_aspect_ratio(codec.sample_aspect_ratio());
        Libav.check(avcodec_parameters_from_context(stream.codecpar(), codec), "no stream");
        if (recipe.turn() != 0) {
            AVPacketSideData list = new AVPacketSideData(null);
            IntPointer count = new IntPointer(1);
            count.put(0);
            AVPacketSideData side = av_packet_side_data_new(list, count, AV_PKT_DATA_DISPLAYMATRIX, 36, 0);
            av_display_rotation_set(new IntPointer(side.data()), recipe.turn());
            stream.codecpar().coded_side_data(side);
            stream.codecpar().nb_coded_side_data(1);
        }
        frame.format(codec.pix_fmt());
        frame.width(codec.width());
        frame.height(codec.height());
        Libav.check(av_frame_get_buffer(frame, 0), "no frame");
    }

    private void draw(int number) {
        av_frame_make_writable(frame);
        frame.pict_type(AV_PICTURE_TYPE_NONE);
        BytePointer luma = frame.data(0);
        for (int y = 0; y < NumberedFootage.HEIGHT; y++) {
            for (int x = 0; x < NumberedFootage.WIDTH; x++) {
                int bit = x * NumberedFootage.BITS / NumberedFootage.WIDTH;
                luma.put((long) y * frame.linesize(0) + x, (byte) ((number >> bit & 1) == 1 ? 235 : 16));
            }
        }
        for (int plane = 1; plane <= 2; plane++) {
            long bytes = (long) frame.linesize(plane) * NumberedFootage.HEIGHT / 2;
            for (long i = 0; i < bytes; i++) {
                frame.data(plane).put(i, (byte) 128);
            }
        }
    }

    private void send(AVFrame what) throws MediaException {
        Libav.check(avcodec_send_frame(codec, what), "not encoded");
        while (avcodec_receive_packet(codec, packet) >= 0) {
            packet.stream_index(0);
            if (packet.duration() == 0) {
                packet.duration(1);
            }
            av_packet_rescale_ts(packet, codec.time_base(), stream.time_base());
            Libav.check(av_interleaved_write_frame(container, packet), "not written");
        }
    }
}
