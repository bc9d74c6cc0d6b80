package hitch.media.clip;

import hitch.core.footage.FrameIndex;

/**
 * What a footage file is.
 *
 * @param index every frame
 * @param width picture width, pixels
 * @param height picture height, pixels
 * @param sound whether it has sound
 * @param recorded when the file says it was recorded; empty when it does not say
 */
public record ClipFacts(FrameIndex index, int width, int height, boolean sound, String recorded) {}
