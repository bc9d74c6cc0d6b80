package hitch.core.counter.sight;

/**
 * Where a clip's counter stands and what it looks like.
 *
 * @param region the part of the picture it never leaves
 * @param dark whether its digits are darker than their ground
 * @param decimals digits after its point; -1 for feet and inches
 * @param height height of its digits, pixels
 */
public record CounterPlace(Region region, boolean dark, int decimals, int height) {}
