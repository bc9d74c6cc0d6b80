package hitch.core.counter.sight;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.Map;
import java.util.Random;

/** Digits of seven bars, in proportions thrown at random. */
final class BarFace implements DigitFace {
    /** Bars: top, upper right, lower right, foot, lower left, upper left, middle. */
    private static final Map<Character, String> BARS = Map.ofEntries(
            Map.entry('0', "abcdef"),
            Map.entry('1', "bc"),
            Map.entry('2', "abged"),
            Map.entry('3', "abgcd"),
            Map.entry('4', "fgbc"),
            Map.entry('5', "afgcd"),
            Map.entry('6', "afgedc"),
            Map.entry('7', "abc"),
            Map.entry('8', "abcdefg"),
            Map.entry('9', "abcdfg"),
            Map.entry('F', "afge"),
            Map.entry('t', "fged"));

    private final double wide;
    private final double thick;
    private final double gap;
    private final double lean;
    private final double chamfer;
    private final Map<Character, String> variants;

    BarFace(Random random) {
        wide = 0.45 + random.nextDouble() * 0.25;
        thick = 0.09 + random.nextDouble() * 0.1;
        gap = random.nextInt(3) == 0 ? 0 : random.nextDouble() * 0.03;
        lean = random.nextInt(2) == 0 ? 0 : -0.05 - random.nextDouble() * 0.12;
        chamfer = random.nextInt(3) == 0 ? 0 : 0.5;
        // Makers differ in how they build three of the digits.
        variants = Map.of(
                '6', random.nextBoolean() ? "afgedc" : "fgedc",
                '7', random.nextBoolean() ? "abc" : "abcf",
                '9', random.nextInt(3) > 0 ? "abcdfg" : "abcfg");
    }

    @Override
    public Shape shape(char what, double tall) {
        Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);
        double half = thick / 2;
        double mid = 0.5;
        for (char bar : variants.getOrDefault(what, BARS.getOrDefault(what, "")).toCharArray()) {
            switch (bar) {
                case 'a' -> across(path, 1 - half);
                case 'g' -> across(path, mid);
                case 'd' -> across(path, half);
                case 'f' -> down(path, half, mid, 1 - half);
                case 'b' -> down(path, wide - half, mid, 1 - half);
                case 'e' -> down(path, half, half, mid);
                default -> down(path, wide - half, half, mid);
            }
        }
        return new AffineTransform(tall, 0, lean * -tall, -tall, 0, 0).createTransformedShape(path);
    }

    private void across(Path2D path, double y) {
        double from = thick / 2 + gap;
        double to = wide - thick / 2 - gap;
        double in = thick * chamfer;
        bar(path, new double[] {
            from,
            y,
            from + in,
            y + thick / 2,
            to - in,
            y + thick / 2,
            to,
            y,
            to - in,
            y - thick / 2,
            from + in,
            y - thick / 2
        });
    }

    private void down(Path2D path, double x, double low, double high) {
        double from = low + gap;
        double to = high - gap;
        double in = thick * chamfer;
        bar(path, new double[] {
            x,
            from,
            x + thick / 2,
            from + in,
            x + thick / 2,
            to - in,
            x,
            to,
            x - thick / 2,
            to - in,
            x - thick / 2,
            from + in
        });
    }

    private static void bar(Path2D path, double[] points) {
        path.moveTo(points[0], points[1]);
        for (int i = 2; i < points.length; i += 2) {
            path.lineTo(points[i], points[i + 1]);
        }
        path.closePath();
    }
}
