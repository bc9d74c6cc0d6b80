/**
 * Lengths and places. A {@link hitch.core.measure.Distance} is whole millimetres, shown in a
 * {@link hitch.core.measure.LengthUnit}; a {@link hitch.core.measure.Station} is a place on the line, an
 * {@link hitch.core.measure.Extent} what lies between two of them, a {@link hitch.core.measure.Cover} a set of extents.
 */
package hitch.core.measure;
