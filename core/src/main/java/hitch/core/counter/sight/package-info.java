/**
 * Reading the counter off the picture. A {@link hitch.core.counter.sight.GreyPicture} is cut into
 * {@link hitch.core.counter.sight.Glyph}s by a {@link hitch.core.counter.sight.GlyphCutter}; a
 * {@link hitch.core.counter.sight.GlyphNet} tells which digit each is and how sure that is; a
 * {@link hitch.core.counter.sight.LineReader} makes a number of a row of them.
 */
package hitch.core.counter.sight;
