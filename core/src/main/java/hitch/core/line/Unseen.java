package hitch.core.line;

import hitch.core.footage.Stretch;

/**
 * A stretch of line that the camera passed and that no pass shows well.
 *
 * @param extent where
 * @param reason why
 */
public record Unseen(Extent extent, Stretch.Reason reason) {}
