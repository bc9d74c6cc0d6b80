/**
 * The line as a drawing, free of any toolkit. {@link hitch.core.sketch.SectionSketch} draws the long section and
 * {@link hitch.core.sketch.PlanSketch} the plan as {@link hitch.core.sketch.Mark}s: shapes with a {@link hitch.core.sketch.Tone}
 * each, in pixels. The screen paints them on a canvas and {@link hitch.core.exchange.SketchSvg} writes them as SVG, so that
 * both are the same drawing.
 */
package hitch.core.sketch;
