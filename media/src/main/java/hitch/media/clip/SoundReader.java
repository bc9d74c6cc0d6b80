package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_decoder;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_flush_buffers;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_to_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_frame;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_packet;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_FLT;
import static org.bytedeco.ffmpeg.global.avutil.av_channel_layout_default;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.swresample.swr_alloc_set_opts2;
import static org.bytedeco.ffmpeg.global.swresample.swr_convert;
import static org.bytedeco.ffmpeg.global.swresample.swr_free;
import static org.bytedeco.ffmpeg.global.swresample.swr_init;

import hitch.core.footage.TimeBase;
import hitch.media.MediaException;
import hitch.media.voice.Sound;
import java.nio.file.Path;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avutil.AVChannelLayout;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.swresample.SwrContext;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.javacpp.PointerPointer;

/** Reads a stretch of a clip's sound as one channel, placed by its own time stamps against the picture's. */
public final class SoundReader implements AutoCloseable {
    /** Samples a second that sound is read at. */
    public static final int RATE = 48_000;

    private final Demuxer demuxer;
    private final AVCodecContext decoder;
    private final AVFrame frame = av_frame_alloc();
    private final TimeBase base;
    private SwrContext resampler;
    private float[] held = new float[0];
    private double heldFrom = Double.POSITIVE_INFINITY;

    private SoundReader(Demuxer demuxer) throws MediaException {
        this.demuxer = demuxer;
        AVCodec codec = avcodec_find_decoder(demuxer.audio().codecpar().codec_id());
        if (codec == null) {
            throw new MediaException("the sound of " + demuxer.file().getFileName() + " is coded in an unknown way");
        }
        decoder = avcodec_alloc_context3(codec);
        avcodec_parameters_to_context(decoder, demuxer.audio().codecpar());
        Libav.check(avcodec_open2(decoder, codec, (AVDictionary) null), "the sound cannot be decoded");
        base = demuxer.base(demuxer.audio());
    }

    /**
     * The sound of {@code file} between two times.
     *
     * @param from seconds on the stream's clock
     * @param seconds length, 0 or more
     * @return exactly that length; silence where the clip has no sound
     */
    public static Sound read(Path file, double from, double seconds) throws MediaException {
        float[] samples = new float[(int) Math.round(Math.max(0, seconds) * RATE)];
        try (Demuxer demuxer = new Demuxer(file)) {
            if (demuxer.hasSound() && samples.length > 0) {
                try (SoundReader reader = new SoundReader(demuxer)) {
                    reader.fill(samples, from);
                }
            }
        }
        return new Sound(samples, RATE);
    }

    /** Opens the sound of {@code file}, to be read piece after piece. */
    public static SoundReader open(Path file) throws MediaException {
        Demuxer demuxer = new Demuxer(file);
        try {
            if (!demuxer.hasSound()) {
                throw new MediaException(file.getFileName() + " has no sound.");
            }
            return new SoundReader(demuxer);
        } catch (MediaException e) {
            demuxer.close();
            throw e;
        }
    }

    /**
     * Fills {@code samples} with the sound from {@code from} seconds on the stream's clock; silence where there is none.
     * Pieces that follow each other are read without seeking.
     */
    public void read(double from, float[] samples) throws MediaException {
        fill(samples, from);
    }

    private void fill(float[] samples, double from) throws MediaException {
        double end = from + (double) samples.length / RATE;
        boolean follows = heldFrom <= from + 1e-4 && from <= heldFrom + (double) held.length / RATE + 1e-4;
        if (follows) {
            copy(held, heldFrom, samples, from);
        } else {
            // A little early, since the decoder needs a packet or two to settle.
            demuxer.seek(demuxer.audioIndex(), base.ticks(Math.max(0, from - 0.2)));
            avcodec_flush_buffers(decoder);
            held = new float[0];
        }
        if (held.length > 0 && heldFrom + (double) held.length / RATE >= end) {
            return;
        }
        for (AVPacket packet = demuxer.next(); packet != null; packet = demuxer.next()) {
            if (packet.stream_index() != demuxer.audioIndex()) {
                continue;
            }
            avcodec_send_packet(decoder, packet);
            boolean reached = false;
            while (avcodec_receive_frame(decoder, frame) >= 0) {
                heldFrom = base.seconds(frame.best_effort_timestamp());
                held = converted();
                copy(held, heldFrom, samples, from);
                reached |= heldFrom + (double) held.length / RATE >= end;
            }
            if (reached) {
                return;
            }
        }
    }

    private static void copy(float[] piece, double pieceFrom, float[] samples, double from) {
        int offset = (int) Math.round((pieceFrom - from) * RATE);
        for (int i = Math.max(0, -offset); i < piece.length && offset + i < samples.length; i++) {
            samples[offset + i] = piece[i];
        }
    }

    private float[] converted() throws MediaException {
        if (resampler == null) {
            resampler = newResampler();
        }
        int room = frame.nb_samples() * RATE / Math.max(1, frame.sample_rate()) + 64;
        try (FloatPointer out = new FloatPointer(room);
                PointerPointer<FloatPointer> planes = new PointerPointer<>(1)) {
            planes.put(0, out);
            int got = swr_convert(resampler, planes, room, frame.extended_data(), frame.nb_samples());
            float[] samples = new float[Math.max(0, got)];
            out.get(samples);
            return samples;
        }
    }

    private SwrContext newResampler() throws MediaException {
        SwrContext made = new SwrContext(null);
        try (AVChannelLayout mono = new AVChannelLayout()) {
            av_channel_layout_default(mono, 1);
            Libav.check(
                    swr_alloc_set_opts2(
                            made,
                            mono,
                            AV_SAMPLE_FMT_FLT,
                            RATE,
                            frame.ch_layout(),
                            frame.format(),
                            frame.sample_rate(),
                            0,
                            null),
                    "the sound cannot be converted");
            Libav.check(swr_init(made), "the sound cannot be converted");
        }
        return made;
    }

    @Override
    public void close() {
        if (resampler != null) {
            swr_free(resampler);
        }
        av_frame_free(frame);
        avcodec_free_context(decoder);
        demuxer.close();
    }
}
