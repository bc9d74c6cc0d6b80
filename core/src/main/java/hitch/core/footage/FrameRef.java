package hitch.core.footage;

/**
 * One frame of one clip.
 *
 * @param clip the clip
 * @param pts the frame's presentation time in the clip's time base, ticks
 */
public record FrameRef(ClipId clip, long pts) {}
