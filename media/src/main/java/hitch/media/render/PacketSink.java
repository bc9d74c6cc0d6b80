package hitch.media.render;

import hitch.media.MediaException;
import org.bytedeco.ffmpeg.avcodec.AVPacket;

/** Takes encoded packets. */
@FunctionalInterface
interface PacketSink {
    void take(AVPacket packet) throws MediaException;
}
