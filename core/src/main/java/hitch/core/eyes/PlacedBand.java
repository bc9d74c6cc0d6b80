package hitch.core.eyes;

import hitch.core.gauge.WallBand;

/**
 * A look at the wall, with where the camera was.
 *
 * @param at millimetres of cable
 * @param band the wall a little ahead
 */
record PlacedBand(double at, WallBand band) {}
