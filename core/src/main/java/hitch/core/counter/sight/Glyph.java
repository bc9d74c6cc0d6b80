package hitch.core.counter.sight;

/**
 * A mark on the picture that may be a digit.
 *
 * @param box where it stands
 * @param cells its ink on a grid of {@link GlyphCutter#COLUMNS} by {@link GlyphCutter#ROWS}, row by row, 0 none to 1 full
 */
record Glyph(Region box, float[] cells) {}
