package hitch.core.measure;

/**
 * A length in whole millimetres. One foot is exactly 304.8 mm (international foot of 1959), so tenths of a foot and
 * quarter inches survive the rounding to a millimetre and print back as they were typed.
 *
 * @param mm millimetres; may be negative where it is a difference
 */
public record Distance(long mm) implements Comparable<Distance> {
    /** Millimetres to the international foot. */
    public static final double MM_PER_FOOT = 304.8;

    public static final double MM_PER_INCH = 25.4;
    public static final Distance ZERO = new Distance(0);

    public static Distance feet(double feet) {
        return new Distance(Math.round(feet * MM_PER_FOOT));
    }

    public static Distance inches(double inches) {
        return new Distance(Math.round(inches * MM_PER_INCH));
    }

    public static Distance metres(double metres) {
        return new Distance(Math.round(metres * 1000));
    }

    public double inFeet() {
        return mm / MM_PER_FOOT;
    }

    public double inInches() {
        return mm / MM_PER_INCH;
    }

    public Distance plus(Distance other) {
        return new Distance(mm + other.mm);
    }

    public Distance minus(Distance other) {
        return new Distance(mm - other.mm);
    }

    public Distance abs() {
        return new Distance(Math.abs(mm));
    }

    @Override
    public int compareTo(Distance other) {
        return Long.compare(mm, other.mm);
    }

    /** This many times as long, to the nearest millimetre. */
    public Distance times(double times) {
        return new Distance(Math.round(mm * times));
    }
}
