package hitch.media.clip;

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

/** Writes packets of one file into another as they are. The file appears under its name when it is finished. */
public final class PacketCopy implements AutoCloseable {
    private final Demuxer source;
    private final Path out;
    private final Path part;
    private final AVFormatContext target = new AVFormatContext(null);
    private final AVIOContext io = new AVIOContext(null);
    private final AVStream video;
    private final AVStream audio;
    private boolean closed;

    public PacketCopy(Demuxer source, Path out) throws MediaException {
        this.source = source;
        this.out = out;
        // The unfinished file keeps its ending, since the ending chooses the container.
        this.part = out.resolveSibling(".part-" + out.getFileName());
        Libav.check(
                avformat_alloc_output_context2(target, null, null, part.toString()),
                out.getFileName() + " has an ending no container is known by");
        try {
            video = addStream(source.video());
            video.avg_frame_rate(source.video().avg_frame_rate());
            video.sample_aspect_ratio(source.video().sample_aspect_ratio());
            audio = source.hasSound() ? addStream(source.audio()) : null;
            if ((target.oformat().flags() & AVFMT_NOFILE) == 0) {
                Libav.check(avio_open(io, part.toString(), AVIO_FLAG_WRITE), "No file can be written at " + part);
                target.pb(io);
            }
            Libav.check(
                    avformat_write_header(target, (AVDictionary) null),
                    "This container cannot hold the clip's streams untouched. Cut it as a labelled clip instead.");
        } catch (MediaException e) {
            close();
            throw e;
        }
    }

    private AVStream addStream(AVStream from) throws MediaException {
        AVStream made = avformat_new_stream(target, null);
        Libav.check(avcodec_parameters_copy(made.codecpar(), from.codecpar()), "the stream cannot be copied");
        made.codecpar().codec_tag(0);
        made.time_base(from.time_base());
        return made;
    }

    /**
     * @param packet with times in the source's picture time base
     * @param shift the time that becomes 0
     */
    public void picture(AVPacket packet, long shift) throws MediaException {
        write(packet, source.video(), video, shift);
    }

    void sound(AVPacket packet, long shift) throws MediaException {
        write(packet, source.audio(), audio, shift);
    }

    private void write(AVPacket packet, AVStream from, AVStream to, long shift) throws MediaException {
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

    public void finish() throws MediaException {
        Libav.check(av_write_trailer(target), "The clip could not be finished");
        release();
        try {
            Files.move(part, out, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new MediaException("The clip could not be written to " + out + ": " + e.getMessage(), e);
        }
    }

    private void release() {
        if (!closed) {
            closed = true;
            avio_closep(io);
            avformat_free_context(target);
        }
    }

    @Override
    public void close() {
        release();
        part.toFile().delete();
    }
}
