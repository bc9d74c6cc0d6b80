package hitch.core.counter.sight;

import java.util.List;
import java.util.Optional;

/**
 * What a row of marks says.
 *
 * @param text digits, {@code .} for a point, {@code -} for a dash, {@code '} for a mark at the top, {@code :} for a
 *     colon, a blank for a gap, {@code ?} for anything else
 * @param sure how sure each character is, 0 to 1
 * @param boxes where each stands; a gap has the mark before it
 * @param glyphs what each looks like; empty for gaps and little marks
 */
record LineText(String text, List<Float> sure, List<Region> boxes, List<Optional<Glyph>> glyphs) {}
