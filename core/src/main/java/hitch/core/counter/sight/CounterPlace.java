package hitch.core.counter.sight;

/**
 * Where a clip's counter stands and what it looks like.
 *
 * @param region the part of the picture, as stored, that it never leaves
 * @param manner how it is to be looked at
 * @param decimals digits after its point; -1 for feet and inches
 * @param height height of its digits, pixels
 * @param unit what is written behind it
 */
public record CounterPlace(Region region, Manner manner, int decimals, int height, CounterUnit unit) {
    /** How a picture is to be turned so that writing on it stands upright and bright. */
    public enum Manner {
        BRIGHT(false, false),
        DARK(true, false),
        BRIGHT_TURNED(false, true),
        DARK_TURNED(true, true);

        private final boolean dark;
        private final boolean turned;

        Manner(boolean dark, boolean turned) {
            this.dark = dark;
            this.turned = turned;
        }

        /** Whether the writing is darker than its ground. */
        public boolean isDark() {
            return dark;
        }

        /** Whether the writing stands on its head. */
        public boolean isTurned() {
            return turned;
        }

        GreyPicture of(GreyPicture picture) {
            GreyPicture upright = turned ? picture.turned() : picture;
            return dark ? upright.negative() : upright;
        }

        /** Where {@code region} of a picture looked at in this manner lies on the picture as stored, and back again. */
        Region stored(Region region, int width, int height) {
            return turned
                    ? new Region(width - region.right(), height - region.bottom(), region.width(), region.height())
                    : region;
        }
    }
}
