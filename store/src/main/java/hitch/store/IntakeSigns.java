package hitch.store;

/**
 * What was seen of a clip when it was taken in, besides its counter.
 *
 * @param turned whether its counter stands on its head
 * @param openAir share of its pictures that look like the open air, 0 to 1
 */
public record IntakeSigns(boolean turned, double openAir) {}
