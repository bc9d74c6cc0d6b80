package hitch.core.sketch;

/** A place in a drawing, pixels from its upper left corner. */
public record Point(double x, double y) {}
