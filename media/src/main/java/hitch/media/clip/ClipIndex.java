package hitch.media.clip;

import hitch.core.footage.FrameIndex;

/**
 * All that is needed to reach any frame of a clip.
 *
 * @param frames every frame in presentation order
 * @param packets where each comes from
 */
public record ClipIndex(FrameIndex frames, PacketTable packets) {}
