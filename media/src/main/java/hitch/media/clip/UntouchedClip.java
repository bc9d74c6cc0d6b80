package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_KEY;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_copy;
import static org.bytedeco.ffmpeg.global.avformat.AVFMT_NOFILE;
import static org.bytedeco.ffmpeg.global.avformat.AVIO_FLAG_WRITE;
import static org.bytedeco.ffmpeg.global.avformat.av_interleaved_write_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_write_trailer;
import static org.bytedeco.ffmpeg.global.avformat.avformat_alloc_output_context2;
import static org.bytedeco.ffmpeg.global.avformat.avformat_free_context;
import static org.bytedeco.ffmpeg.global.avformat.avformat_new_stream;
import static org.bytedeco.ffmpeg.global.avformat.avformat_write_header;
import static org.bytedeco.ffmpeg.global.avformat.avio_closep;
import static org.bytedeco.ffmpeg.global.avformat.avio_open;
import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;
import static org.bytedeco.ffmpeg.global.avutil.av_rescale_q;

import hitch.media.MediaException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;

/**
 * Cuts a stretch out of a clip without re-encoding: the stream's own packets, copied. The cut begins at the keyframe at
 * or before the asked time, since nothing later can be decoded without it; the true times are told.
 */
public final class UntouchedClip {
    /** Presentation times of the first and last frame really copied, ticks of the source's picture stream. */
    public record TrueTimes(long firstPts, long lastPts) {}

    private final Demuxer source;
    private final AVFormatContext target;
    private AVStream video;
    private AVStream audio;
    private long first = Long.MAX_VALUE;
    private long last = Long.MIN_VALUE;
    private long dtsShift = Long.MIN_VALUE;

    private UntouchedClip(Demuxer source, AVFormatContext target) {
        this.source = source;
        this.target = target;
    }

    /**
     * Copies from {@code fromPts} to {@code toPts}, both in the source's time base, into {@code out}.
     *
     * @param out file to write; its ending chooses the container, best the source's own
     */
    public static TrueTimes cut(Path file, long fromPts, long toPts, Path out) throws MediaException {
        // The unfinished file keeps its ending, since the ending chooses the container.
        Path part = out.resolveSibling(".part-" + out.getFileName());
        try (Demuxer source = new Demuxer(file)) {
            AVFormatContext target = new AVFormatContext(null);
            Libav.check(
                    avformat_alloc_output_context2(target, null, null, part.toString()),
                    out.getFileName() + " has an ending no container is known by");
            UntouchedClip cut = new UntouchedClip(source, target);
            try {
                cut.copy(part, fromPts, toPts);
            } finally {
                avformat_free_context(target);
            }
            Files.move(part, out, StandardCopyOption.REPLACE_EXISTING);
            return new TrueTimes(cut.first, cut.last);
        } catch (IOException e) {
            throw new MediaException("The clip could not be written to " + out + ": " + e.getMessage(), e);
        } finally {
            part.toFile().delete();
        }
    }

    private void copy(Path part, long fromPts, long toPts) throws MediaException {
        video = addStream(source.video());
        if (source.hasSound()) {
            audio = addStream(source.audio());
        }
        AVIOContext io = new AVIOContext(null);
        if ((target.oformat().flags() & AVFMT_NOFILE) == 0) {
            Libav.check(avio_open(io, part.toString(), AVIO_FLAG_WRITE), "No file can be written at " + part);
            target.pb(io);
        }
        try {
            Libav.check(
                    avformat_write_header(target, (AVDictionary) null),
                    "This container cannot hold the clip's streams untouched. Cut it as a labelled clip instead.");
            source.seek(source.videoIndex(), fromPts);
            copyPackets(toPts);
            Libav.check(av_write_trailer(target), "The clip could not be finished");
        } finally {
            avio_closep(io);
        }
        if (last == Long.MIN_VALUE) {
            throw new MediaException(
                    "No frames lie in that stretch of " + source.file().getFileName() + ".");
        }
    }

    private AVStream addStream(AVStream from) throws MediaException {
        AVStream made = avformat_new_stream(target, null);
        Libav.check(avcodec_parameters_copy(made.codecpar(), from.codecpar()), "the stream cannot be copied");
        made.codecpar().codec_tag(0);
        made.time_base(from.time_base());
        return made;
    }

    private void copyPackets(long toPts) throws MediaException {
        double endSeconds = source.base(source.video()).seconds(toPts);
        for (AVPacket packet = source.next(); packet != null; packet = source.next()) {
            boolean picture = packet.stream_index() == source.videoIndex();
            boolean sound = audio != null && packet.stream_index() == source.audioIndex();
            if (!picture && !sound) {
                continue;
            }
            long pts = packet.pts() == AV_NOPTS_VALUE ? packet.dts() : packet.pts();
            AVStream from = picture ? source.video() : source.audio();
            double at = source.base(from).seconds(pts);
            if (picture && packet.dts() != AV_NOPTS_VALUE && source.base(from).seconds(packet.dts()) > endSeconds) {
                return;
            }
            if (picture && dtsShift == Long.MIN_VALUE) {
                if ((packet.flags() & AV_PKT_FLAG_KEY) == 0) {
                    continue;
                }
                dtsShift = packet.dts() == AV_NOPTS_VALUE ? pts : packet.dts();
            }
            boolean tooEarly = dtsShift == Long.MIN_VALUE
                    || sound && at < source.base(source.video()).seconds(dtsShift);
            if (tooEarly || at > endSeconds) {
                continue;
            }
            if (picture) {
                first = Math.min(first, pts);
                last = Math.max(last, pts);
            }
            write(packet, from, picture ? video : audio);
        }
    }

    private void write(AVPacket packet, AVStream from, AVStream to) throws MediaException {
        long shift = av_rescale_q(dtsShift, source.video().time_base(), from.time_base());
        packet.stream_index(to.index());
        if (packet.pts() != AV_NOPTS_VALUE) {
            packet.pts(av_rescale_q(packet.pts() - shift, from.time_base(), to.time_base()));
        }
        if (packet.dts() != AV_NOPTS_VALUE) {
            packet.dts(av_rescale_q(packet.dts() - shift, from.time_base(), to.time_base()));
        }
        packet.duration(av_rescale_q(packet.duration(), from.time_base(), to.time_base()));
        packet.pos(-1);
        Libav.check(av_interleaved_write_frame(target, packet), "The clip could not be written; the disk may be full");
    }
}
