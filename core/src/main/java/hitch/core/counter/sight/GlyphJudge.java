package hitch.core.counter.sight;

/** Tells what a mark is. */
interface GlyphJudge {
    /** How likely {@code glyph} is each of {@link GlyphNet#ANSWERED}; sums to 1. */
    float[] judge(Glyph glyph);
}
