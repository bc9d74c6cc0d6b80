package hitch.core.measure;

/** Small sizes the way the trade writes them: inches and common fractions. */
public final class Inches {
    private Inches() {}

    /** {@code size} rounded to a sixteenth of an inch, such as {@code 3/4 in} or {@code 1 1/2 in}. */
    public static String show(Distance size) {
        long sixteenths = Math.round(size.inInches() * 16);
        long whole = sixteenths / 16;
        long part = sixteenths % 16;
        if (part == 0) {
            return whole + " in";
        }
        int bottom = 16;
        while (part % 2 == 0) {
            part /= 2;
            bottom /= 2;
        }
        return (whole > 0 ? whole + " " : "") + part + "/" + bottom + " in";
    }
}
