package hitch.media.render;

import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_clone;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_packet;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_frame;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;

import hitch.media.MediaException;
import hitch.media.clip.Libav;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/** Codes stretches of pictures one after another on a thread of its own. */
final class StretchCoder implements AutoCloseable {
    private final AVCodecContext codec;
    private final AVPacket packet = av_packet_alloc();
    private final ExecutorService thread = Executors.newSingleThreadExecutor(work -> {
        Thread made = new Thread(work, "coding");
        made.setDaemon(true);
        return made;
    });
    /** Of the stretch that is being coded; touched by the thread alone. */
    private List<AVPacket> coded = new ArrayList<>();

    private MediaException trouble;
    private volatile boolean stopped;

    /** @param codec opened; closed with this */
    StretchCoder(AVCodecContext codec) {
        this.codec = codec;
    }

    /**
     * Codes a picture when its turn comes.
     *
     * @param picture freed then
     * @param done run then, whatever came of it
     */
    void add(AVFrame picture, Runnable done) {
        thread.execute(() -> {
            try {
                if (trouble == null && !stopped) {
                    code(picture);
                }
            } catch (MediaException e) {
                trouble = e;
            } finally {
                av_frame_free(picture);
                done.run();
            }
        });
    }

    private void code(AVFrame picture) throws MediaException {
        Libav.check(avcodec_send_frame(codec, picture), "a frame could not be encoded");
        while (avcodec_receive_packet(codec, packet) >= 0) {
            coded.add(av_packet_clone(packet));
            av_packet_unref(packet);
        }
    }

    /**
     * Waits until the stretch that was begun last is coded.
     *
     * @param last whether none follows on this coder
     * @return its packets in order, the caller's to free
     */
    List<AVPacket> end(boolean last) throws MediaException {
        try {
            return thread.submit(() -> {
                        if (trouble == null && last) {
                            code(null);
                        }
                        if (trouble != null) {
                            throw trouble;
                        }
                        List<AVPacket> all = coded;
                        coded = new ArrayList<>();
                        return all;
                    })
                    .get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new MediaException("Making the video was stopped.", e);
        } catch (ExecutionException e) {
            throw e.getCause() instanceof MediaException known
                    ? known
                    : new MediaException("A frame could not be encoded.", e);
        }
    }

    /** Lets go of what waits. */
    @Override
    public void close() {
        stopped = true;
        thread.shutdown();
        boolean interrupted = false;
        while (!thread.isTerminated()) {
            try {
                thread.awaitTermination(1, TimeUnit.MINUTES);
            } catch (InterruptedException e) {
                // What the thread works on must not be freed under it.
                interrupted = true;
            }
        }
        if (interrupted) {
            Thread.currentThread().interrupt();
        }
        coded.forEach(p -> av_packet_free(p));
        av_packet_free(packet);
        avcodec_free_context(codec);
    }
}
