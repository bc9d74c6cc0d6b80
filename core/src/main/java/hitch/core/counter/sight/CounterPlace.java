package hitch.core.counter.sight;

/**
 * Where a clip's counter stands and what it looks like.
 *
 * @param picture the picture it was found on, as stored
 * @param region the part of the picture that it never leaves, with room for one more digit
 * @param ink the part that its digits and the letters behind them take up
 * @param manner how it is to be looked at
 * @param decimals digits after its point; -1 for feet and inches
 * @param height height of its digits, pixels
 * @param rate how much the place behaved like a counter when it was looked for, 0 to 1
 * @param forFeet how much the letters behind it speak for feet, as the logarithm of the odds; negative for metres
 */
public record CounterPlace(
        Region picture,
        Region region,
        Region ink,
        Manner manner,
        int decimals,
        int height,
        double rate,
        double forFeet) {
    /** Rate from which a place is surely the counter. */
    static final double SURELY = 0.3;

    /** The same counter looked for in {@code region} only. */
    public CounterPlace in(Region picture, Region region, Region ink) {
        return new CounterPlace(picture, region, ink, manner, decimals, height, rate, forFeet);
    }

    /** Whether it shows feet and inches. */
    public boolean inInches() {
        return decimals < 0;
    }

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

        /** The same writing the other way up. */
        public Manner over() {
            return switch (this) {
                case BRIGHT -> BRIGHT_TURNED;
                case DARK -> DARK_TURNED;
                case BRIGHT_TURNED -> BRIGHT;
                case DARK_TURNED -> DARK;
            };
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
