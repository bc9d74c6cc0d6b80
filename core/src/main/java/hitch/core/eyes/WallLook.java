package hitch.core.eyes;

import hitch.core.gauge.WallBand;

/**
 * What one frame shows of the wall.
 *
 * @param pts the frame, in ticks of its clip
 * @param band the wall a little ahead of the camera
 */
public record WallLook(long pts, WallBand band) {}
