package hitch.core.finding;

import hitch.core.footage.FrameRef;

/**
 * Another moment at which a finding is seen, besides the one it was marked at.
 *
 * @param frame where
 * @param wording what was said of it then; empty where nothing was
 */
public record Sighting(FrameRef frame, String wording) {}
