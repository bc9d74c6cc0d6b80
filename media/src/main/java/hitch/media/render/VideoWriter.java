package hitch.media.render;

import static org.bytedeco.ffmpeg.global.avformat.AVIO_FLAG_WRITE;
import static org.bytedeco.ffmpeg.global.avformat.av_interleaved_write_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_write_trailer;
import static org.bytedeco.ffmpeg.global.avformat.avformat_alloc_output_context2;
import static org.bytedeco.ffmpeg.global.avformat.avformat_free_context;
import static org.bytedeco.ffmpeg.global.avformat.avformat_write_header;
import static org.bytedeco.ffmpeg.global.avformat.avio_closep;
import static org.bytedeco.ffmpeg.global.avformat.avio_open;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_free;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_set;

import hitch.media.MediaException;
import hitch.media.clip.Libav;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avutil.AVDictionary;

/**
 * Writes an MP4 with its index in front, of H.264 and AAC unless told otherwise. Pictures and sound are handed in turn; the file appears under
 * its name only when {@link #finish} has returned, so a call that is cut short leaves nothing half written.
 */
public final class VideoWriter implements AutoCloseable {
    /** How pictures are coded. */
    public enum Coding {
        H264("libopenh264"),
        MPEG4("mpeg4"),
        MPEG2("mpeg2video");

        final String encoder;

        Coding(String encoder) {
            this.encoder = encoder;
        }
    }

    /**
     * What kind of video to write.
     *
     * @param soundBitsPerSecond 0 for a video without sound
     */
    public record Shape(
            int width,
            int height,
            int framesPerSecond,
            int picturesBitsPerSecond,
            int soundBitsPerSecond,
            Coding coding) {
        /** A video of H.264, as every player takes it. */
        public Shape(int width, int height, int framesPerSecond, int picturesBitsPerSecond, int soundBitsPerSecond) {
            this(width, height, framesPerSecond, picturesBitsPerSecond, soundBitsPerSecond, Coding.H264);
        }
    }

    /** A chapter mark: its title and its times in seconds. */
    public record ChapterMark(String title, double start, double end) {}

    private final Path out;
    private final Path part;
    private final AVFormatContext container = new AVFormatContext(null);
    private final AVIOContext io = new AVIOContext(null);
    private final PictureEncoder pictures;
    private final SoundEncoder sound;
    private boolean closed;

    public VideoWriter(Path out, Shape shape, String title, List<ChapterMark> chapters) throws MediaException {
        Libav.start();
        this.out = out;
        this.part = out.resolveSibling("." + out.getFileName() + ".part");
        Libav.check(avformat_alloc_output_context2(container, null, "mp4", part.toString()), "no MP4 can be written");
        PictureEncoder made = null;
        SoundEncoder heard = null;
        try {
            made = new PictureEncoder(container, shape);
            heard = shape.soundBitsPerSecond() == 0 ? null : new SoundEncoder(container, shape.soundBitsPerSecond());
            ChapterMarks.set(container, chapters);
            writeHeader(title);
        } catch (MediaException e) {
            // Nobody will close what was never opened, and its pictures lie outside what Java frees.
            release(made, heard);
            throw e;
        }
        pictures = made;
        sound = heard;
    }

    private void writeHeader(String title) throws MediaException {
        AVDictionary notes = new AVDictionary(null);
        av_dict_set(notes, "title", title, 0);
        av_dict_set(notes, "encoder", "Hitch", 0);
        container.metadata(notes);
        Libav.check(
                avio_open(io, part.toString(), AVIO_FLAG_WRITE),
                "No file can be written in " + out.toAbsolutePath().getParent() + ". Choose another folder.");
        container.pb(io);
        AVDictionary options = new AVDictionary(null);
        av_dict_set(options, "movflags", "+faststart", 0);
        Libav.check(avformat_write_header(container, options), "the MP4 could not be begun");
        av_dict_free(options);
    }

    /** Adds one picture of the shape's size, {@code 0xRRGGBB} a pixel, row by row. */
    public void picture(int[] rgb) throws MediaException {
        pictures.encode(rgb, this::write);
    }

    /** Adds the last picture once more. */
    public void again() throws MediaException {
        pictures.encodeAgain(this::write);
    }

    /** Adds sound at {@link SoundEncoder#RATE}; any number of samples. */
    public void sound(float[] samples) throws MediaException {
        sound.encode(samples, this::write);
    }

    /** Pictures added so far. */
    public long pictureCount() {
        return pictures.count();
    }

    private void write(AVPacket packet) throws MediaException {
        Libav.check(
                av_interleaved_write_frame(container, packet),
                out.getFileName() + " could not be written; the disk may be full. Free some space and try again.");
    }

    /** Completes the file and gives it its name. */
    public void finish() throws MediaException {
        pictures.drain(this::write);
        if (sound != null) {
            sound.drain(this::write);
        }
        Libav.check(av_write_trailer(container), out.getFileName() + " could not be finished; the disk may be full.");
        release();
        try {
            Files.move(part, out, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new MediaException(out.getFileName() + " could not be put in its place: " + e.getMessage(), e);
        }
    }

    private void release() {
        if (!closed) {
            closed = true;
            release(pictures, sound);
        }
    }

    private void release(PictureEncoder made, SoundEncoder heard) {
        if (made != null) {
            made.close();
        }
        if (heard != null) {
            heard.close();
        }
        if (!io.isNull()) {
            avio_closep(io);
        }
        avformat_free_context(container);
    }

    /** Drops an unfinished file; after {@link #finish} it does nothing. */
    @Override
    public void close() {
        release();
        part.toFile().delete();
    }
}
