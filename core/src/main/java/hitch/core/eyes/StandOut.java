package hitch.core.eyes;

/**
 * A place that stands out.
 *
 * @param at where on the wall, millimetres of cable
 * @param by how much; while it is weighed in widths of what is ordinary, afterwards in times of what is worth a look
 */
public record StandOut(double at, double by) {}
